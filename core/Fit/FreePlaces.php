<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use Closure;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Truth\Truth;

/**
 * Other places that the same rider could take without a stop or fix of the place. What holds there, which way it faces and a demanded
 * tether anchor must be known good; airbag and taken only not known bad.
 */
final readonly class FreePlaces
{
    /**
     * @param Truth $any whether there is one; unknown while facts of other places would decide
     * @param list<string> $missing paths of these facts; with one free, an airbag there that a rear-facing child must not meet
     */
    private function __construct(public Truth $any, public array $missing) {}

    public static function anywhere(AssessmentContext $s): self
    {
        return self::among($s, static fn(SeatingPosition $p): bool => true, false);
    }

    /** Behind the front row. */
    public static function inTheBack(AssessmentContext $s): self
    {
        return self::among($s, static fn(SeatingPosition $p): bool => $p->row() > 1, false);
    }

    public static function withTetherAnchor(AssessmentContext $s): self
    {
        return self::among($s, static fn(SeatingPosition $p): bool => true, true);
    }

    /**
     * Places of a car that are known to be free for the rider of a situation, as bits by their index.
     *
     * @param list<SeatingPosition> $positions
     * @param callable(SeatingPosition): bool $counts
     */
    public static function asBits(AssessmentContext $s, array $positions, callable $counts): int
    {
        $bits = 0;
        foreach ($positions as $index => $place) {
            if (
                $place->name !== $s->place?->name
                && $counts($place)
                && self::verdict(self::tests($s, $index, $place, false)) === Truth::Yes
            ) {
                $bits |= 1 << $index;
            }
        }

        return $bits;
    }

    /** @param callable(SeatingPosition): bool $counts */
    private static function among(AssessmentContext $s, callable $counts, bool $withTetherAnchor): self
    {
        $free = [];
        $open = [];
        foreach ($s->case->vehicle->positions ?? [] as $index => $place) {
            if ($place->name === $s->place?->name || ! $counts($place)) {
                continue;
            }
            $tests = self::tests($s, $index, $place, $withTetherAnchor);
            $airbag = $s->isRear() && $place->airbag === null ? ["vehicle.positions.{$index}.airbag"] : [];
            match (self::verdict($tests)) {
                Truth::Yes => $free[] = $airbag,
                Truth::Unknown => $open[] = [
                    ...array_merge([], ...array_column(array_filter($tests, static fn(array $t): bool => $t[0] === Truth::Unknown), 1)),
                    ...$airbag,
                ],
                Truth::No => null,
            };
        }

        return match (true) {
            in_array([], $free, true) => new self(Truth::Yes, []),
            $free !== [] => new self(Truth::Yes, array_merge(...$free)),
            $open !== [] => new self(Truth::Unknown, array_values(array_unique(array_merge(...$open)))),
            default => new self(Truth::No, []),
        };
    }

    /** @param list<array{Truth, list<string>}> $tests */
    private static function verdict(array $tests): Truth
    {
        return Truth::all(...array_column($tests, 0));
    }

    /** @return list<array{Truth, list<string>}> what must hold there, and what would tell */
    private static function tests(AssessmentContext $s, int $index, SeatingPosition $place, bool $withTetherAnchor): array
    {
        $path = static fn(string $key): string => "vehicle.positions.{$index}.{$key}";

        return [
            [Truth::of($place->taken !== true && $place->airbag !== true), []],
            [Truth::of($place->sideFacing)->not(), [$path('side_facing')]],
            self::held($s, $place, $path),
            self::tethered($s, $place, $path('tether_anchor'), $withTetherAnchor),
        ];
    }

    /**
     * @param Closure(string): string $path
     * @return array{Truth, list<string>}
     */
    private static function held(AssessmentContext $s, SeatingPosition $place, Closure $path): array
    {
        if ($s->isBooster()) {
            return [$place->belt === null ? Truth::Unknown : Truth::of($place->belt === Belt::LapShoulder), [$path('belt')]];
        }
        $anyBelt = $place->belt === null ? Truth::Unknown : Truth::of($place->belt !== Belt::None);
        if (! $s->isHarness()) {
            return [$anyBelt, [$path('belt')]];
        }
        $locks = LockFinder::at($s->seat ?? new Seat(), $place, $path, $s->setup()->base);

        return [
            Truth::of($place->lowerAnchors)->or($locks->anyWorks()),
            [...($place->lowerAnchors === null ? [$path('lower_anchors')] : []), ...$locks->missing()],
        ];
    }

    /** @return array{Truth, list<string>} */
    private static function tethered(AssessmentContext $s, SeatingPosition $place, string $path, bool $withTetherAnchor): array
    {
        $demanded = $withTetherAnchor ? Truth::Yes : $s->tetherDemanded();

        return [
            $demanded->not()->or(Truth::of($place->tetherAnchor)),
            $demanded === Truth::Unknown ? [$s->tetherDemandPath()] : [$path],
        ];
    }
}
