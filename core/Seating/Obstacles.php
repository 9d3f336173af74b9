<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\SeatingPosition;

/**
 * What to relax when nothing fits: the constraints of which one alone opens a plan; where none does, those of a pair; else all that break.
 */
final readonly class Obstacles
{
    /** The wish that somebody stays. */
    private const WIDE_CODE = 'place.too_wide';

    public const KEEP = 'keep';

    public const TOO_MANY = 'riders';

    public const NO_MODE = 'mode';

    private const TOO_WIDE = 'Seats side by side are wider than their places. A narrower seat, or one of them in another row or car.';

    /**
     * @param list<ModeName|null> $modes
     * @param list<list<PlaceOption>> $options
     * @param callable(list<string>): bool $opens whether there is a plan without these constraints
     * @return list<Obstacle>
     */
    public static function of(SeatingRequest $request, array $modes, array $options, callable $opens): array
    {
        $plain = [...self::withoutMode($request, $modes), ...self::tooMany($request)];
        if ($plain !== []) {
            return $plain;
        }
        $constraints = self::constraints($request, $options);
        $enough = array_values(array_filter($constraints, static fn(string $one): bool => $opens([$one])));
        if ($enough === []) {
            $enough = self::pairs($constraints, $opens);
        }

        return array_map(
            static fn(string $c): Obstacle => new Obstacle($c, self::words($c, $request, $options)),
            $enough === [] ? $constraints : $enough,
        );
    }

    /**
     * @param list<ModeName|null> $modes
     * @return list<Obstacle>
     */
    private static function withoutMode(SeatingRequest $request, array $modes): array
    {
        $lacking = array_filter(array_keys($modes), static fn(int $i): bool => $modes[$i] === null);

        return array_values(array_map(
            static fn(int $i): Obstacle => new Obstacle(
                self::NO_MODE,
                "No mode of the seat is known to fit {$request->riders[$i]->name}. Look at its limits, or choose another seat.",
            ),
            $lacking,
        ));
    }

    /** @return list<Obstacle> */
    private static function tooMany(SeatingRequest $request): array
    {
        $riders = count($request->riders);
        $places = count(array_filter($request->vehicle->positions, static fn(SeatingPosition $p): bool => $p->taken !== true));

        return $riders <= $places
            ? []
            : [new Obstacle(self::TOO_MANY, "There are {$riders} riders and {$places} free places. Clear a place, or take a second car.")];
    }

    /**
     * @param list<list<PlaceOption>> $options
     * @return list<string>
     */
    private static function constraints(SeatingRequest $request, array $options): array
    {
        $codes = array_merge([], ...array_map(static fn(PlaceOption $o): array => $o->codes(), array_merge([], ...$options)));
        $kept = array_filter($request->riders, static fn(Rider $r): bool => $r->keep) !== [];

        return array_values(array_unique([...($kept ? [self::KEEP] : []), self::WIDE_CODE, ...$codes]));
    }

    /**
     * @param list<string> $constraints
     * @param callable(list<string>): bool $opens
     * @return list<string>
     */
    private static function pairs(array $constraints, callable $opens): array
    {
        foreach ($constraints as $i => $one) {
            foreach (array_slice($constraints, $i + 1) as $other) {
                if ($opens([$one, $other])) {
                    return [$one, $other];
                }
            }
        }

        return [];
    }

    /** @param list<list<PlaceOption>> $options */
    private static function words(string $constraint, SeatingRequest $request, array $options): string
    {
        if ($constraint === self::KEEP) {
            $kept = array_map(
                static fn(Rider $r): string => $r->name,
                array_filter($request->riders, static fn(Rider $r): bool => $r->keep),
            );

            return implode(', ', $kept) . (count($kept) === 1 ? ' is' : ' are') . ' to stay in place. Let them move.';
        }
        if ($constraint === self::WIDE_CODE) {
            return self::TOO_WIDE;
        }
        $concerned = [];
        foreach ($options as $rider => $all) {
            foreach ($all as $option) {
                foreach ([...$option->breaks, ...$option->whileNoBackPlace, ...$option->whileNoTetherPlace] as $finding) {
                    if ($finding->code->value === $constraint) {
                        $concerned[$finding->message . ' ' . $finding->remedy][] = $request->riders[$rider]->name . ' at '
                            . $request->vehicle->positions[$option->place]->name;
                    }
                }
            }
        }

        return implode(
            ' ',
            array_map(
                static fn(string $words, array $who): string => implode(', ', array_unique($who)) . ': ' . $words,
                array_keys($concerned),
                $concerned,
            ),
        );
    }
}
