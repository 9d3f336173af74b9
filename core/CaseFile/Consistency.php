<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Vehicle;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** What no single key can tell: facts that cannot be true together. */
final readonly class Consistency
{
    public static function check(CaseFile $case, Problems $problems): void
    {
        self::child($case->child, $case->today, $problems);
        self::recallList($case->recallList, $case->today, $problems);
        if ($case->seat !== null) {
            self::seat($case->seat, $case->today, $problems);
        }
        self::positions($case->vehicle, $problems);
        self::setup($case, $problems);
        self::bus($case, $problems);
    }

    private static function child(Child $child, CalendarDate $today, Problems $problems): void
    {
        if (count(array_filter([$child->bornOn, $child->ageMonths, $child->dueOn], is_object(...))) > 1) {
            $problems->add('child', 'must have one of born_on, age_months and due_on, not several');
        }
        if ($child->bornOn?->isAfter($today) === true) {
            $problems->add('child.born_on', 'lies after today; a child not yet born has a due_on', new Message('problems.born_later'));
        }
        if ($child->dueOn !== null && $today->daysUntil($child->dueOn) > Bounds::DUE_DAYS) {
            $problems->add('child.due_on', 'lies more than ' . Bounds::DUE_DAYS . ' days ahead', new Message('problems.due_later', [
                'days' => Bounds::DUE_DAYS,
            ]));
        }
        foreach (['weight' => $child->weight, 'height' => $child->height] as $key => $quantity) {
            if ($quantity instanceof Quantity && $quantity->value->isZero()) {
                $problems->add("child.{$key}", 'must be more than nothing', new Message('problems.nothing'));
            }
        }
    }

    private static function recallList(?RecallList $list, CalendarDate $today, Problems $problems): void
    {
        if ($list?->dated?->isAfter($today) === true) {
            $problems->add('recall_list.dated', 'lies after today');
        }
    }

    private static function seat(Seat $seat, CalendarDate $today, Problems $problems): void
    {
        if ($seat->madeOn?->earliest()->isAfter($today) === true) {
            $problems->add('seat.made_on', 'lies after today', new Message('problems.after_today'));
        }
        $below = null;
        foreach ($seat->slots ?? [] as $index => $slot) {
            if ($below !== null && $slot->height?->isLessThan($below) === true) {
                $problems->add(
                    "seat.slots.{$index}.height",
                    'lies below the slot before it; list the lowest first',
                    new Message('problems.slots'),
                );
            }
            $below = $slot->height ?? $below;
        }
    }

    private static function positions(?Vehicle $vehicle, Problems $problems): void
    {
        $names = [];
        foreach ($vehicle->positions ?? [] as $index => $position) {
            if ($position->name !== '' && isset($names[$position->name])) {
                $problems->add("vehicle.positions.{$index}.name", "is the second {$position->name}");
            }
            $names[$position->name] = true;
        }
    }

    private static function setup(CaseFile $case, Problems $problems): void
    {
        $position = $case->setup?->position;
        if (
            $position !== null
            && $case->vehicle !== null
            && ! in_array($position, array_map(static fn(SeatingPosition $p): string => $p->name, $case->vehicle->positions), true)
        ) {
            $problems->add('setup.position', "must be a place of the vehicle, which has no {$position}", new Message('problems.place', [
                'place' => new Message("places.{$position}", within: true),
            ]));
        }
        $mode = $case->setup?->mode === null ? null : $case->seat->modes[$case->setup->mode->value] ?? null;
        $zone = $case->setup?->zone;
        if ($mode !== null && $zone !== null && ! in_array($zone, array_map(static fn(Zone $z): string => $z->name, $mode->zones), true)) {
            $problems->add(
                'setup.zone',
                "must be a zone of the indicator in this mode, which has no {$zone}",
                new Message('problems.zone', ['zone' => $zone]),
            );
        }
        $slot = $case->setup?->harness->slot;
        $slots = $case->seat->slots ?? [];
        if ($slot !== null && $slots !== [] && $slot > count($slots)) {
            $problems->add('setup.harness.slot', 'must be a slot of the seat, which has ' . count($slots), new Message('problems.slot', [
                'slots' => count($slots),
            ]));
        }
    }

    private static function bus(CaseFile $case, Problems $problems): void
    {
        if ($case->bus !== null && $case->vehicle !== null) {
            $problems->add('bus', 'stands instead of a vehicle, not beside one');
        }
        $system = $case->bus?->system;
        $mode = $case->setup?->mode;
        if ($system !== null && $mode !== null && ! $system->allows($mode)) {
            $problems->add('bus.system', "contradicts setup.mode, which is {$mode->value}", new Message('problems.bus_system'));
        }
    }
}
