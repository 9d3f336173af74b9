<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Truth\Truth;

/**
 * A seat, from stock or catalogue, that fits the child and the car now: its best mode, a place for it, and how long it is estimated to
 * last.
 */
final readonly class SeatInstead
{
    /** @param string|null $until the month (YYYY-MM) in which it is likely outgrown; null where the growth charts end first */
    private function __construct(public Seat $seat, public ModeName $mode, public string $place, public ?string $until) {}

    /**
     * @param list<Seat> $seats
     * @return list<self> longest first
     */
    public static function among(CaseFile $case, array $seats): array
    {
        $found = array_values(array_filter(array_map(static fn(Seat $seat): ?self => self::try($case, $seat), $seats)));
        usort($found, static fn(self $a, self $b): int => ($b->until ?? '9999-99') <=> ($a->until ?? '9999-99'));

        return $found;
    }

    private static function try(CaseFile $case, Seat $seat): ?self
    {
        $bare = new AssessmentContext(self::with($case, $seat, null));
        $mode = ModeFits::of($bare)->best();
        $rules = $mode === null ? null : $seat->modes[$mode->value] ?? null;
        if ($mode === null || $rules === null) {
            return null;
        }
        foreach ($case->vehicle->positions ?? [] as $place) {
            if (self::holds(new AssessmentContext(self::with($case, $seat, new Setup(mode: $mode, position: $place->name))), $place)) {
                return new self($seat, $mode, $place->name, OutgrowForecast::of($bare, $rules)?->likely);
            }
        }

        return null;
    }

    /** Free, forward-facing, no airbag ahead, in the back, and known to hold this mode. */
    private static function holds(AssessmentContext $s, SeatingPosition $place): bool
    {
        $free = $place->taken !== true && $place->sideFacing !== true && $place->airbag !== true && $place->row() > 1;
        $held = $s->isBooster()
            ? Truth::of($place->belt === Belt::LapShoulder)
            : Truth::of($place->lowerAnchors)->or(LockFinder::of($s)->anyWorks());

        return $free && $held === Truth::Yes;
    }

    private static function with(CaseFile $case, Seat $seat, ?Setup $setup): CaseFile
    {
        return new CaseFile(
            $case->today,
            $case->practice,
            $case->child,
            $case->policy,
            $case->law,
            $case->recallList,
            $seat,
            vehicle: $case->vehicle,
            setup: $setup,
        );
    }
}
