<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Calendar\CalendarDate;
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
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Truth\Truth;

/** What must change between two modes of a seat, from the seat's own data, forwards or backwards; then tightness afresh. */
final readonly class Changeover
{
    /** @param list<string> $steps */
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
                    ? ['Tighten it afresh and try the movement at the belt path.']
                    : ['Buckle the child in and look at lap and shoulder part afresh.']
            ),
        ]);
    }

    /** @return list<string> while the child does not fit that way, or it would be too early */
    private static function notYet(AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $fit = ModeFits::of($s)->for($to);
        $now = $s->seat->modes[$from->value] ?? null;
        $forecast = $now === null || ModeFits::of($s)->fits($from) !== Truth::Yes ? null : OutgrowForecast::of($s, $now)?->likely;
        $month = $forecast === null ? '' : CalendarDate::parse("{$forecast}-01")->showMonth();
        $isEarly = $forecast !== null && array_search($to, ModeName::cases(), true) > array_search($from, ModeName::cases(), true);

        return [
            ...($fit?->fits === Truth::No ? ['Not yet: ' . implode('; ', $fit->because()) . '.'] : []),
            ...($isEarly ? ["Not before it is outgrown as it is, about {$month}: an estimate from the growth charts."] : []),
        ];
    }

    /** @return list<string> */
    private static function direction(ModeName $from, ModeName $to): array
    {
        return match (true) {
            ($from->facesRear()) === ($to->facesRear()) => [],
            $to->facesRear() => ['Take the seat out, turn it round, and use the rear-facing belt path under the legs.'],
            $to->isForwardHarness() => ['Take the seat out, turn it round, and use the forward-facing belt path behind the back.'],
            default => ['Take the seat out and turn it round, to face forward.'],
        };
    }

    /** @return list<string> */
    private static function tether(Seat $seat, AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $hasAnchor = $s->place?->tetherAnchor;

        return match (true) {
            $to->isForwardHarness() && $from !== $to => $hasAnchor === false
                ? ['Facing forward it needs a tether anchor, and this place has none: choose a place that does, or ask its manual.']
                : ['Take the tether out of its storage and hook it on.'],
            $to->facesRear() && $seat->tetherRear === MakerPermission::Forbidden => ['Unhook the tether and stow it.'],
            $to->facesRear() && (
                $seat->tetherRear === MakerPermission::Required
                || $s->convention?->rearTetherAlways === true
            ) => ['Hook the tether to its rear-facing anchor.'],
            $from->hasHarness() && $to->isBooster() => ['Unhook the tether and stow it, unless the manual uses it with the booster.'],
            default => [],
        };
    }

    /** @return list<string> */
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
                    ? 'Set the recline that the manual gives for this child\'s weight.'
                    : 'Set the recline to ' . implode(' or ', $allowed) . ', for a child of this weight.',
            ];

        return $new->foot !== null && $new->foot !== $old->foot
            ? [...$steps, 'Set the foot of the base: ' . str_replace('_', ' ', $new->foot) . '.']
            : $steps;
    }

    /** @return list<string> */
    private static function parts(Mode $old, Mode $new): array
    {
        $name = static fn(string $part): string => str_replace('_', ' ', $part);
        $on = array_diff($new->partsRequired, $old->partsRequired);
        $off = array_unique([
            ...array_intersect($old->partsRequired, $new->partsForbidden),
            ...array_diff($new->partsForbidden, $old->partsForbidden),
        ]);

        return [
            ...array_values(array_map(static fn(string $p): string => "Fit the {$name($p)}.", $on)),
            ...array_values(array_map(static fn(string $p): string => "Take the {$name($p)} off.", $off)),
        ];
    }

    /** @return list<string> */
    private static function harness(AssessmentContext $s, ModeName $from, ModeName $to, Mode $new): array
    {
        if ($from->hasHarness() && $to->isBooster()) {
            return [
                'Take the harness out: ease it, raise the head rest to the top, take the straps off the plate, pull the retainers '
                    . 'through the slots.',
                'Store straps, plate and elastics where the seat keeps them.',
            ];
        }
        if ($from->isBooster() && $to->hasHarness()) {
            return ['Put the harness back in as the manual shows, every retainer flat behind its slot.'];
        }
        $slot = SlotChoice::of($s, $to)->slot;
        $slots = $slot === null
            ? ['Set the straps to the right slot for the new direction.']
            : ["Set the straps to slot {$slot}, counted from the lowest."];

        return $to->hasHarness()
            ? [
                ...$slots,
                ...(
                    $new->crotchSlots === null || $new->crotchSlots === []
                        ? []
                        : ['Set the crotch strap to slot ' . implode(' or ', $new->crotchSlots) . '.']
                ),
            ]
            : [];
    }

    /** @return list<string> */
    private static function holding(AssessmentContext $s, ModeName $from, ModeName $to): array
    {
        $limit = AnchorLimit::of($s, $to);
        $bound = $limit->bound();
        $weight = $s->child->weight;

        return match (true) {
            $to->isBooster() => ['The vehicle belt now holds the child: lap and shoulder, running free.'],
            $bound !== null && $limit->broken() !== null => [
                'Hold it by the belt: the lower anchors carry a child of at most '
                    . "{$bound->value->show($weight->unit ?? MassUnit::Kilogram)} with this seat.",
            ],
            $bound !== null => [
                "The lower anchors hold it up to a child of {$bound->value->show($weight->unit ?? MassUnit::Kilogram)}; above that the "
                    . 'belt.',
            ],
            default => ['Hold it by the belt, or by the lower anchors as far as the label allows.'],
        };
    }
}
