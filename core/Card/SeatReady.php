<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\InsertFit;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Truth\Truth;

/** The seat itself made ready for this child: parts, straps, inserts, head rest, recline and foot. */
final readonly class SeatReady
{
    private function __construct(private AssessmentContext $s, private ModeName $mode, private Mode $rules) {}

    /** @return list<CardStep|null> */
    public static function of(AssessmentContext $s, ModeName $mode, Mode $rules): array
    {
        $seat = new self($s, $mode, $rules);

        return [
            $seat->parts(),
            ...($mode->hasHarness() ? [$seat->slots(), $seat->crotch(), $seat->insert(), self::headRest($mode)] : []),
            $seat->recline(),
            $seat->foot(),
        ];
    }

    public static function headRest(ModeName $mode): CardStep
    {
        return $mode->hasHarness()
            ? new CardStep(StepCode::HeadRest, 'harness')
            : new CardStep(StepCode::HeadRest, 'booster');
    }

    private function parts(): ?CardStep
    {
        $name = static fn(string $part): string => str_replace('_', ' ', $part);
        $on = array_map($name, $this->rules->partsRequired);
        $off = array_map($name, $this->rules->partsForbidden);

        return $on === [] && $off === []
            ? null
            : new CardStep(StepCode::Parts, $on === [] ? 'off' : null, [
                'on' => Listing::all($on),
                'off' => Listing::all($off),
                'what' => match (true) {
                    $off === [] => 'on',
                    $on === [] => 'off',
                    default => 'both',
                },
            ]);
    }

    private function slots(): ?CardStep
    {
        if ($this->s->seat?->slots === []) {
            return null;
        }
        $slot = SlotChoice::of($this->s, $this->mode)->slot;

        return new CardStep(StepCode::Slots, $slot === null ? 'unknown' : null, ['slot' => $slot]);
    }

    private function crotch(): ?CardStep
    {
        $slots = $this->rules->crotchSlots ?? [];
        $used = $this->s->setup()->harness->crotch;
        $right = $used->slot !== null && in_array($used->slot, $slots, true) && $used->underChild === false && $used->nearestClear !== false
            ? $used->slot
            : null;

        return $slots === []
            ? null
            : new CardStep(StepCode::Crotch, $right === null ? 'nearest' : null, ['slot' => $right, 'slots' => Listing::any($slots)]);
    }

    private function insert(): ?CardStep
    {
        $used = $this->s->setup()->harness->insert;
        $listed = array_values(array_filter(
            $this->s->seat->inserts ?? [],
            fn(Insert $i): bool => InsertFit::of($i, $this->s) === Truth::Yes,
        ));
        $names = array_map(static fn(Insert $i): string => $i->name, $listed);
        $isOut = $used !== null && ! in_array($used, $names, true);
        $isOpen = $isOut && $this->isOpen($used);

        return match (true) {
            $isOpen => new CardStep(StepCode::Insert, 'open', ['insert' => $used]),
            $isOut && $names === [] => new CardStep(StepCode::Insert, 'out', ['insert' => $used]),
            $isOut => new CardStep(StepCode::Insert, 'instead', ['insert' => $used, 'has' => Listing::names($names)]),
            $names !== [] => new CardStep(StepCode::Insert, with: ['has' => Listing::names($names)]),
            default => null,
        };
    }

    /** Whether it cannot be told that an insert is for this child. */
    private function isOpen(string $used): bool
    {
        $named = array_filter($this->s->seat->inserts ?? [], static fn(Insert $i): bool => $i->name === $used);

        return $this->s->seat?->inserts === null
            || array_filter($named, fn(Insert $i): bool => InsertFit::of($i, $this->s) === Truth::Unknown) !== [];
    }

    private function recline(): ?CardStep
    {
        $settings = ReclineSettings::of($this->s, $this->mode);
        if ($this->rules->recline === []) {
            return $this->mode->facesRear()
                ? new CardStep(StepCode::Recline, 'indicator')
                : null;
        }
        $allowed = $settings->allowed();

        return new CardStep(StepCode::Recline, match (true) {
            $allowed !== [] => null,
            $settings->missing() !== [] => 'weigh',
            default => 'ask',
        }, ['settings' => Listing::any($allowed)]);
    }

    private function foot(): ?CardStep
    {
        return $this->rules->foot === null
            ? null
            : new CardStep(StepCode::Foot, with: ['foot' => str_replace('_', ' ', $this->rules->foot)]);
    }
}
