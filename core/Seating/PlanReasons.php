<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Why a plan is as good as it is. */
final readonly class PlanReasons
{
    /** How far apart bars that are borrowed must stand, where the seat's manual names no figure; common practice of the trade. */
    private const BORROWED_APART_MM = 280;

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

    /** @return list<Message> */
    private function rider(string $name, Rider $rider, PlaceOption $option): array
    {
        $place = $this->position($option);
        $where = ['who' => $name, 'at' => Answers::placeTitle($place->name, within: true)];
        $isHeldAnew = $rider->heldBy === null || $rider->heldBy === HeldBy::Nothing;
        $way = match ($isHeldAnew ? $option->heldBy : null) {
            HeldBy::Belt => 'belt',
            HeldBy::LowerAnchors => $option->borrowed ? 'borrowed' : 'lower_anchors',
            default => null,
        };

        return [
            ...($rider->nowAt === null
                ? []
                : [new Message($rider->nowAt === $place->name ? 'seating.stays' : 'seating.moves', $where)]),
            ...($way === null ? [] : [new Message("seating.held.{$way}", $where + ['apart' => Length::of(self::BORROWED_APART_MM)])]),
            ...array_map(static fn(Finding $f): Message => new Message(
                'seating.advised',
                $where + ['says' => $f->message(), 'do' => $f->remedy()],
            ), $option->advises),
            ...($option->unknown === [] ? [] : [new Message(
                'seating.unknown',
                $where + ['facts' => Listing::names(array_map(Questionnaire::named(...), $option->unknown))],
            )]),
        ];
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @return list<Message>
     */
    private function middle(array $chosen): array
    {
        $option = $this->first === null ? null : $chosen[$this->first] ?? null;
        if ($option === null) {
            return [];
        }
        $position = $this->position($option);
        $who = [
            'who' => $this->request->riders[$this->first]->name,
            'whom' => $this->request->middleFor === MiddleFor::Youngest ? 'youngest' : 'least_protected',
        ];

        return match (true) {
            $position->row() > 1 && $position->isCentre() && $option->well => [new Message('seating.middle', $who)],
            $position->row() > 1 && str_ends_with($position->name, $this->request->kerbSide()) => [
                new Message('seating.kerb', $who),
                ...$this->middleLeftFree($chosen, $this->first),
            ],
            default => $this->middleLeftFree($chosen, $this->first),
        };
    }

    /**
     * Why the middle stays free, where it is for want of width.
     *
     * @param array<int, PlaceOption> $chosen
     * @return list<Message>
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
                return [new Message('seating.middle_free', [
                    'middle' => Answers::placeTitle($middle->name),
                    'who' => $this->request->riders[$first]->name,
                    'seats' => $tooWide[1],
                    'usable' => $tooWide[2],
                ])];
            }
        }

        return [];
    }

    /**
     * @param array<int, PlaceOption> $chosen
     * @return list<Message>
     */
    private function sideBySide(array $chosen): array
    {
        $unknown = array_filter(
            array_keys($chosen),
            fn(int $rider): bool => $this->request->riders[$rider]->seat !== null && $this->request->riders[$rider]->seat->width === null,
        );

        return count($chosen) > 2 && $unknown !== [] && $this->widths->areKnown()
            ? [new Message('seating.widths')]
            : [];
    }

    private function position(PlaceOption $option): SeatingPosition
    {
        return $this->request->vehicle->positions[$option->place];
    }
}
