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
            ? new CardStep(
                StepCode::HeadRest,
                'Set the head rest for this child, just above the shoulders.',
                'It clicks; the head is not pushed forward.',
            )
            : new CardStep(
                StepCode::HeadRest,
                'Raise the head part until its belt guide is at or just above the shoulder.',
                'It clicks; the ears are below its top.',
            );
    }

    private function parts(): ?CardStep
    {
        $name = static fn(string $part): string => str_replace('_', ' ', $part);
        $on = array_map($name, $this->rules->partsRequired);
        $off = array_map($name, $this->rules->partsForbidden);
        $what = [
            ...($on === [] ? [] : ['fit the ' . implode(' and the ', $on)]),
            ...($off === [] ? [] : ['take off the ' . implode(' and the ', $off)]),
        ];

        return $what === []
            ? null
            : new CardStep(
                StepCode::Parts,
                ucfirst(implode('; ', $what)) . '.',
                $on === [] ? 'None of it is left on the seat.' : 'What is fitted sits firm and does not move when pulled.',
            );
    }

    private function slots(): ?CardStep
    {
        if ($this->s->seat?->slots === []) {
            return null;
        }
        $slot = SlotChoice::of($this->s, $this->mode)->slot;

        return new CardStep(
            StepCode::Slots,
            $slot === null
                ? 'Set the shoulder straps to the slots that are right for this shoulder.'
                : "Set the shoulder straps to slot {$slot}, counted from the lowest.",
            'Both straps come from the same height, lie flat and do not pull out from behind.',
        );
    }

    private function crotch(): ?CardStep
    {
        $slots = $this->rules->crotchSlots ?? [];
        $used = $this->s->setup()->harness->crotch;
        $right = $used->slot !== null && in_array($used->slot, $slots, true) && $used->underChild === false && $used->nearestClear !== false
            ? $used->slot
            : null;

        return $slots === [] ? null : new CardStep(
            StepCode::Crotch,
            $right === null
                ? 'Set the crotch strap to the nearest slot that is clear of the child: ' . implode(' or ', $slots)
                    . ', counted from the back.'
                : "Set the crotch strap to slot {$right}, counted from the back.",
            'It comes up in front of the child, who does not sit on it.',
        );
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
            $isOpen => new CardStep(
                StepCode::Insert,
                "Look in the manual whether the insert {$used} is for this child's weight; if not, take it out.",
                'Only what the maker gives for this weight lies in the seat.',
            ),
            $isOut && $names === [] => new CardStep(
                StepCode::Insert,
                "Take out the insert {$used}: it is not for this child.",
                'Nothing is left under or behind the child.',
            ),
            $isOut => new CardStep(
                StepCode::Insert,
                "Take out the insert {$used}; for this weight the seat has: " . implode(', ', $names) . '.',
                'Only what the maker gives for this weight lies in the seat.',
            ),
            $names !== [] => new CardStep(
                StepCode::Insert,
                'For this weight the seat has an insert: ' . implode(', ', $names) . '. Put it in as its manual shows.',
                'It lies flat behind the straps and does not push the head forward.',
            ),
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
                ? new CardStep(
                    StepCode::Recline,
                    'Set the recline by the seat\'s own indicator for this child.',
                    'It stands where the indicator asks, the car on level ground.',
                )
                : null;
        }
        $allowed = $settings->allowed();

        return new CardStep(StepCode::Recline, match (true) {
            $allowed !== [] => 'Set the recline to ' . implode(' or ', $allowed) . ', for a child of this weight.',
            $settings->missing() !== [] => 'Weigh the child, then set the recline that the manual gives for that weight.',
            default => 'Ask the seat\'s manual for the recline: none is given for this weight.',
        }, 'It clicks into the setting and stays there.');
    }

    private function foot(): ?CardStep
    {
        return $this->rules->foot === null
            ? null
            : new CardStep(
                StepCode::Foot,
                'Set the foot of the base: ' . str_replace('_', ' ', $this->rules->foot) . '.',
                'It stands firm, on both sides alike.',
            );
    }
}
