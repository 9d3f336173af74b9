<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Finding;

/** Why a plan is as good as it is, in plain sentences. */
final readonly class PlanReasons
{
    public function __construct(private SeatingRequest $request, private ?int $first, private RowWidths $widths) {}

    /** @param array<int, PlaceOption> $chosen by rider */
    public function plan(array $chosen): SeatingPlan
    {
        ksort($chosen);
        $places = [];
        $held = [];
        $why = $this->middle($chosen);
        foreach ($chosen as $rider => $option) {
            $name = $this->request->riders[$rider]->name;
            $places[$name] = $this->position($option)->name;
            $held[$name] = $option->heldBy;
            $why = [...$why, ...$this->rider($name, $this->request->riders[$rider], $option)];
        }

        return new SeatingPlan(
            $places,
            $held,
            array_sum(array_map(static fn(PlaceOption $o): int => count($o->advises), $chosen)),
            [...$why, ...$this->sideBySide($chosen)],
        );
    }

    /** @return list<string> */
    private function rider(string $name, Rider $rider, PlaceOption $option): array
    {
        $place = $this->position($option);
        $at = lcfirst(Answers::placeTitle($place->name));

        return array_values(array_filter([
            match ($rider->nowAt) {
                null => null,
                $place->name => "{$name} stays at {$at}.",
                default => "{$name} moves to {$at}.",
            },
            $rider->heldBy === null || $rider->heldBy === HeldBy::Nothing ? match ($option->heldBy) {
                HeldBy::Belt => "{$name} at {$at}: hold the seat with the belt.",
                HeldBy::LowerAnchors => $option->borrowed
                    ? "{$name} at {$at}: both manuals allow the inner bars of the sides; measure that they stand 280 mm apart, or as "
                        . "the seat's manual says."
                    : "{$name} at {$at}: hold the seat with the lower anchors.",
                default => null,
            } : null,
            ...array_map(static fn(Finding $f): string => "{$name} at {$at}: {$f->message} {$f->remedy}", $option->advises),
            $option->unknown === []
                ? null
                : "{$name} at {$at}: look first, not everything is known: "
                    . implode(', ', array_map(Questionnaire::named(...), $option->unknown)) . '.',
        ], is_string(...)));
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @return list<string>
     */
    private function middle(array $chosen): array
    {
        $option = $this->first === null ? null : $chosen[$this->first] ?? null;
        if ($option === null) {
            return [];
        }
        $position = $this->position($option);
        $who = $this->request->riders[$this->first]->name . (
            $this->request->middleFor === MiddleFor::Youngest ? ', the youngest,' : ', the least protected,'
        );

        return match (true) {
            $position->row() > 1 && $position->isCentre() && $option->well => [
                "{$who} has the middle of the back, farthest from any side impact.",
            ],
            $position->row() > 1 && str_ends_with($position->name, $this->request->kerbSide()) => [
                "{$who} sits at the kerb side.",
                ...$this->middleLeftFree($chosen, $this->first),
            ],
            default => $this->middleLeftFree($chosen, $this->first),
        };
    }

    /**
     * Why the middle stays free, where it is for want of width.
     *
     * @param array<int, PlaceOption> $chosen
     * @return list<string>
     */
    private function middleLeftFree(array $chosen, int $first): array
    {
        $used = array_map(static fn(PlaceOption $o): int => $o->place, $chosen);
        foreach ($this->request->vehicle->positions as $index => $middle) {
            if ($middle->row() === 1 || ! $middle->isCentre() || $middle->taken === true || in_array($index, $used, true)) {
                continue;
            }
            $number = RowWidths::digit($middle, $first);
            foreach ($chosen as $rider => $option) {
                $number += $rider !== $first && $this->position($option)->row() === $middle->row()
                    ? RowWidths::digit($this->position($option), $rider)
                    : 0;
            }
            $tooWide = $this->widths->tooWide($middle->row(), $number);
            if ($tooWide !== null) {
                return [
                    ucfirst(Answers::placeTitle($middle->name))
                        . " stays free: with {$this->request->riders[$first]->name} there the seats side by side would be "
                            . "{$tooWide[1]->show()} wide, and their places have {$tooWide[2]->show()}.",
                ];
            }
        }

        return [];
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @return list<string>
     */
    private function sideBySide(array $chosen): array
    {
        $unknown = array_filter(
            array_keys($chosen),
            fn(int $rider): bool => $this->request->riders[$rider]->seat !== null && $this->request->riders[$rider]->seat->width === null,
        );

        return count($chosen) > 2 && $unknown !== [] && $this->widths->areKnown()
            ? ['Not every width is known: try whether the seats stand side by side.']
            : [];
    }

    private function position(PlaceOption $option): SeatingPosition
    {
        return $this->request->vehicle->positions[$option->place];
    }
}
