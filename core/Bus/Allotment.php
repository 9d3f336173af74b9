<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\BreachKind;
use MintBuckle\Core\Fit\ModeJudge;

/** Who needs a restraint on the bus, and which of those in stock may be used: the kind that protects best among those that fit. */
final readonly class Allotment
{
    /** Best first; kinds of one rank are chosen among freely. */
    private const RANKS = [
        [BusSystem::RearHarness],
        [BusSystem::ForwardHarness, BusSystem::Integrated, BusSystem::Addon, BusSystem::Vest],
        [BusSystem::Booster],
    ];

    private const FLOORS = [BreachKind::UnderOneForward, BreachKind::BoosterFloor];

    public function __construct(private BusRequest $request) {}

    /** A child of unknown age or weight counts as one that needs a restraint. */
    public function isNeeded(BusRider $rider): bool
    {
        $weight = $rider->child->weight;

        return $rider->system !== null || (! $rider->adult && (
            $this->request->age($rider->child)?->isLessThan(BusFloors::schoolAge()) !== false
            || $weight?->isLessThan(BusFloors::unrestrainedWeight()) !== false
        ));
    }

    /**
     * Those that may be used, whether or not a bench can take them.
     *
     * @return list<BusRestraint> in the order of their kinds; none where nothing in stock fits
     */
    public function systems(BusRider $rider): array
    {
        if ($rider->system !== null) {
            $named = $this->request->system($rider->system);

            return $named !== null && $this->fits($named, $rider) ? [$named] : [];
        }
        foreach (self::RANKS as $kinds) {
            $fitting = [];
            foreach ($kinds as $kind) {
                foreach ($this->request->systems as $system) {
                    if ($system->kind === $kind && $this->fits($system, $rider)) {
                        $fitting[] = $system;
                    }
                }
            }
            if ($fitting !== []) {
                return $fitting;
            }
        }

        return [];
    }

    private function fits(BusRestraint $system, BusRider $rider): bool
    {
        $mode = $system->kind->mode();
        $weight = $rider->child->weight;
        $isWithin = ($system->weightMin === null || ($weight !== null && ! $weight->isLessThan($system->weightMin)))
            && ($system->weightMax === null || ($weight !== null && ! $weight->isMoreThan($system->weightMax)))
            && ($system->heightMax === null || $rider->child->height?->isMoreThan($system->heightMax) === false);

        return $isWithin && $mode !== null && $this->keepsFloors($rider, $mode)
            && ($system->kind !== BusSystem::Vest || $this->mayWearVest($rider));
    }

    private function keepsFloors(BusRider $rider, ModeName $mode): bool
    {
        $fit = ModeJudge::judge(new AssessmentContext($this->request->caseOf($rider)), $mode, new Mode());

        return array_filter(self::FLOORS, static fn(BreachKind $kind): bool => $fit->of($kind) !== []) === [];
    }

    private function mayWearVest(BusRider $rider): bool
    {
        return $rider->child->weight?->isMoreThan(BusFloors::aboveForVest()) === true
            && $this->request->age($rider->child)?->isMoreThan(BusFloors::olderForVest()) !== false
            && $rider->child->sitsUnaided !== false;
    }
}
