<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

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
                new Message('seating.obstacles.mode', ['who' => $request->riders[$i]->name]),
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
            : [new Obstacle(self::TOO_MANY, new Message('seating.obstacles.riders', ['riders' => $riders, 'places' => $places]))];
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
    private static function words(string $constraint, SeatingRequest $request, array $options): Message|Listing
    {
        if ($constraint === self::KEEP) {
            $kept = array_values(array_map(
                static fn(Rider $r): string => $r->name,
                array_filter($request->riders, static fn(Rider $r): bool => $r->keep),
            ));

            return new Message('seating.obstacles.keep', ['count' => count($kept), 'who' => Listing::all($kept)]);
        }
        if ($constraint === self::WIDE_CODE) {
            return new Message('seating.obstacles.wide');
        }

        return self::ofRule($constraint, $request, $options);
    }

    /**
     * Everybody of whom the rule says the same, together.
     *
     * @param list<list<PlaceOption>> $options
     */
    private static function ofRule(string $constraint, SeatingRequest $request, array $options): Listing
    {
        /** @var array<string, array{Finding, array<string, Message>}> $concerned */
        $concerned = [];
        foreach ($options as $rider => $all) {
            foreach ($all as $option) {
                foreach ([...$option->breaks, ...$option->whileNoBackPlace, ...$option->whileNoTetherPlace] as $finding) {
                    if ($finding->code->value === $constraint) {
                        $name = $request->riders[$rider]->name;
                        $place = $request->vehicle->positions[$option->place]->name;
                        $same = serialize([$finding->variant, $finding->mend, $finding->with]);
                        $concerned[$same] ??= [$finding, []];
                        $concerned[$same][1]["{$name} {$place}"] = new Message(
                            'seating.obstacles.at',
                            ['who' => $name, 'at' => Answers::placeTitle($place, within: true)],
                        );
                    }
                }
            }
        }

        return Listing::sentences(array_values(array_map(
            static fn(array $of): Message => new Message('seating.obstacles.rule', [
                'who' => Listing::names(array_values($of[1])),
                'says' => $of[0]->message(),
                'do' => $of[0]->remedy(),
            ]),
            $concerned,
        )));
    }
}
