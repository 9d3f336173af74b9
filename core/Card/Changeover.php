<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** What must change between two modes of a seat, from the seat's own data, forwards or backwards; then tightness afresh. */
final readonly class Changeover
{
    /** @param list<Message> $steps */
    private function __construct(public ModeName $to, public array $steps) {}

    /** To the seat's best mode where another is in use, else to the next mode of the seat; null when there is none. */
    public static function of(AssessmentContext $s): ?self
    {
        $from = $s->mode;
        $modes = $s->seat->modes ?? [];
        if ($from === null || $s->modeRules === null) {
            return null;
        }
        $best = ModeFits::of($s)->best();
        $names = array_map(ModeName::from(...), array_keys($modes));
        $to = $best !== null && $best !== $from && in_array($best, $names, true)
            ? $best
            : $names[(int) array_search($from, $names, true) + 1] ?? null;

        return $to === null ? null : self::between($s, $from, $to);
    }

    public static function between(AssessmentContext $s, ModeName $from, ModeName $to): self
    {
        $seat = $s->seat ?? new Seat();
        $old = $seat->modes[$from->value] ?? new Mode();
        $new = $seat->modes[$to->value] ?? new Mode();

        return new self($to, [
            ...self::notYet($s, $from, $to),
            ...self::direction($from, $to),
            ...self::tether($seat, $s, $from, $to),
            ...self::recline($s, $to, $old, $new),
            ...self::parts($old, $new),
            ...self::harness($s, $from, $to, $new),
            ...self::holding($s, $from, $to),
            ...(
                $to->hasHarness()
                    ? [new Message('changeover.try_again')]
                    : [new Message('changeover.belt_again')]
            ),
        ]);
    }

    /** @return list<Message> while the child does not fit that way, or it would be too early */
    private static function notYet(AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $fit = ModeFits::of($s)->for($to);
        $now = $s->seat->modes[$from->value] ?? null;
        $forecast = $now === null || ModeFits::of($s)->fits($from) !== Truth::Yes ? null : OutgrowForecast::of($s, $now)?->likely;
        $isEarly = $forecast !== null && array_search($to, ModeName::cases(), true) > array_search($from, ModeName::cases(), true);

        return [
            ...($fit?->fits === Truth::No ? [new Message('changeover.not_yet', ['why' => Listing::clauses($fit->because())])] : []),
            ...($isEarly ? [new Message('changeover.outgrown', ['month' => PartialDate::parse($forecast)])] : []),
        ];
    }

    /** @return list<Message> */
    private static function direction(ModeName $from, ModeName $to): array
    {
        return match (true) {
            ($from->facesRear()) === ($to->facesRear()) => [],
            $to->facesRear() => [new Message('changeover.turn_rear')],
            $to->isForwardHarness() => [new Message('changeover.turn_forward')],
            default => [new Message('changeover.turn')],
        };
    }

    /** @return list<Message> */
    private static function tether(Seat $seat, AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $hasAnchor = $s->place?->tetherAnchor;

        return match (true) {
            $to->isForwardHarness() && $from !== $to => $hasAnchor === false
                ? [new Message('changeover.no_tether_anchor')]
                : [new Message('changeover.tether_on')],
            $to->facesRear() && $seat->tetherRear === MakerPermission::Forbidden => [new Message('changeover.tether_off')],
            $to->facesRear() && (
                $seat->tetherRear === MakerPermission::Required
                || $s->convention?->rearTetherAlways === true
            ) => [new Message('changeover.tether_rear')],
            $from->hasHarness() && $to->isBooster() => [new Message('changeover.tether_booster')],
            default => [],
        };
    }

    /** @return list<Message> */
    private static function recline(AssessmentContext $s, ModeName $to, Mode $old, Mode $new): array
    {
        $settings = static fn(Mode $m): array => array_values(array_unique(array_merge(
            [],
            ...array_map(static fn(ReclineRow $r): array => $r->settings, $m->recline),
        )));
        $allowed = ReclineSettings::of($s, $to)->allowed();
        $steps = $settings($new) === [] || $settings($new) === $settings($old)
            ? []
            : [
                $allowed === []
                    ? new Message('changeover.recline_manual')
                    : new Message('changeover.recline', ['settings' => Listing::any($allowed)]),
            ];

        return $new->foot !== null && $new->foot !== $old->foot
            ? [...$steps, new Message('changeover.foot', ['foot' => str_replace('_', ' ', $new->foot)])]
            : $steps;
    }

    /** @return list<Message> */
    private static function parts(Mode $old, Mode $new): array
    {
        $name = static fn(string $part): string => str_replace('_', ' ', $part);
        $on = array_diff($new->partsRequired, $old->partsRequired);
        $off = array_unique([
            ...array_intersect($old->partsRequired, $new->partsForbidden),
            ...array_diff($new->partsForbidden, $old->partsForbidden),
        ]);

        return [
            ...array_values(array_map(static fn(string $p): Message => new Message('changeover.part_on', ['part' => $name($p)]), $on)),
            ...array_values(array_map(static fn(string $p): Message => new Message('changeover.part_off', ['part' => $name($p)]), $off)),
        ];
    }

    /** @return list<Message> */
    private static function harness(AssessmentContext $s, ModeName $from, ModeName $to, Mode $new): array
    {
        if ($from->hasHarness() && $to->isBooster()) {
            return [
                new Message('changeover.harness_out'),
                new Message('changeover.store_straps'),
            ];
        }
        if ($from->isBooster() && $to->hasHarness()) {
            return [new Message('changeover.harness_in')];
        }
        $slot = SlotChoice::of($s, $to)->slot;
        $slots = $slot === null
            ? [new Message('changeover.slot_right')]
            : [new Message('changeover.slot', ['slot' => $slot])];

        return $to->hasHarness()
            ? [
                ...$slots,
                ...(
                    $new->crotchSlots === null || $new->crotchSlots === []
                        ? []
                        : [new Message('changeover.crotch', ['slots' => Listing::any($new->crotchSlots)])]
                ),
            ]
            : [];
    }

    /** @return list<Message> */
    private static function holding(AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $limit = AnchorLimit::of($s, $to);
        $bound = $limit->bound();
        $weight = $s->child->weight;

        return match (true) {
            $to->isBooster() => [new Message('changeover.belt_holds_child')],
            $bound !== null => [new Message('changeover.anchors', [
                'limit' => $weight === null ? $bound->value : $bound->value->in($weight->unit),
                'broken' => $limit->broken() !== null,
            ])],
            default => [new Message('changeover.hold')],
        };
    }
}
