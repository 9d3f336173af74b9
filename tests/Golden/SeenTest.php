<?php

declare(strict_types=1);

namespace Tests\Golden;

use BackedEnum;
use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\BeltRoute;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\CarAbove;
use MintBuckle\Present\Drawing\LabelRuler;
use MintBuckle\Present\Drawing\ModePlane;
use MintBuckle\Present\Drawing\MovementGauge;
use MintBuckle\Present\Drawing\SeatParts;
use MintBuckle\Present\Drawing\SeatSide;
use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Stringable;
use Tests\Core\CardTest;
use Tests\Core\Cases;
use Tests\Told;
use UnitEnum;

/**
 * What is seen of every rule case beside its findings: figures, card, rides, changeover, flight and drawings, as they were last reviewed.
 * Of each case stands what differs from the good case it was made from; the good ones stand whole.
 * After a wanted change: UPDATE_GOLDEN=1 vendor/bin/phpunit tests/Golden, then read the diff.
 */
final class SeenTest extends TestCase
{
    /** @return iterable<string, array{string, iterable<string, array{0: string, 1: array<string, mixed>}>}> */
    public static function tables(): iterable
    {
        foreach (FindingsTest::stations() as $station => [, $cases]) {
            yield $station => [$station, $cases];
        }
        yield 'card' => ['card', CardTest::shown()];
        yield 'good' => ['good', array_combine(Cases::GOOD, array_map(static fn(string $case): array => [$case, []], Cases::GOOD))];
    }

    /** @param iterable<string, array{0: string, 1: array<string, mixed>}> $cases */
    #[DataProvider('tables')]
    public function testAsReviewed(string $table, iterable $cases): void
    {
        $seen = $good = [];
        foreach ($cases as $name => [$case, $changes]) {
            $good[$case] ??= self::seen($case);
            $seen[$name] = $table === 'good' ? $good[$case] : self::differences($good[$case], self::seen($case, $changes));
        }
        GoldenFile::assertHolds("seen/{$table}.json", array_filter($seen));
    }

    /**
     * @param array<string, string> $good
     * @param array<string, string> $now
     * @return array<string, string>
     */
    private static function differences(array $good, array $now): array
    {
        $gone = array_map(static fn(string $path): string => self::goneFrom($path, $now), array_keys(array_diff_key($good, $now)));

        return array_diff_assoc($now, $good) + array_fill_keys($gone, 'gone');
    }

    /**
     * The shortest beginning of a path below which nothing is left.
     *
     * @param array<string, string> $now
     */
    private static function goneFrom(string $path, array $now): string
    {
        $parts = explode('.', $path);
        foreach (array_keys($parts) as $n) {
            $start = implode('.', array_slice($parts, 0, $n + 1));
            if (array_filter(array_keys($now), static fn(string $key): bool => str_starts_with("{$key}.", "{$start}.")) === []) {
                return $start;
            }
        }

        return $path;
    }

    /**
     * @param array<string, mixed> $changes
     * @return array<string, string> path => value
     */
    private static function seen(string $case, array $changes = []): array
    {
        $assessment = Cases::assess($case, $changes);
        $s = $assessment->situation;
        $said = array_diff_key(AssessmentWriter::toArray($assessment, Told::in('en')), ['findings' => 1, 'computed' => 1]);
        $computed = array_diff_key(AssessmentWriter::computed($assessment->computed(), Told::in('en')), ['card' => 1, 'changeover' => 1]);

        return [
            ...self::flat('', $said + $computed),
            'card' => implode(' ', array_map(static fn(CardStep $step): string => $step->code->value, $assessment->computed()->card ?? [])),
            ...array_merge(...array_map(static fn(CardStep $step): array => ["card.{$step->code->value}" => Told::english($step->step()) . ' | ' . Told::in('en')->check($step)], $assessment->computed()->card ?? [])),
            ...self::flat('mends', array_merge(...array_map(static fn(Finding $f): array => ["{$f->code->value} {$f->subject}" => [Remedies::facts(Rulebook::current()->finds($f->code, $f->subject), $f->subject, $s), Remedies::ownFigures(Rulebook::current()->finds($f->code, $f->subject), $s)]], $assessment->findings))),
            ...self::flat('', [
                'notice' => InstallationCard::notice($s),
                'every_ride' => array_map(Told::in('en')->in(LengthUnit::Millimetre, null)->sentence(...), EveryRide::of($s)),
                'taking_out' => TakingOut::of($s),
                'changeover' => Changeover::of($s),
                'flight' => FlightCard::in($s),
                'drawing' => self::drawings($s),
            ]),
        ];
    }

    /** @return array<string, object> */
    private static function drawings(AssessmentContext $s): array
    {
        $movement = $s->setup()->movement;

        return [
            'route' => BeltRoute::of($s), 'child' => BuckleFront::of($s), 'car' => CarAbove::of($s), 'label' => LabelRuler::of($s->case), 'plane' => ModePlane::of($s), 'parts' => SeatParts::of($s), 'side' => SeatSide::of($s),
            'gauge' => MovementGauge::of(array_map(array_filter(...), ['side' => [$movement->side], 'front' => [$movement->front], 'up' => [$movement->up]]), MovementLimit::shown($s), LengthUnit::Millimetre),
        ];
    }

    /** @return array<string, string> */
    private static function flat(string $path, mixed $value): array
    {
        if ($value instanceof Message || $value instanceof Listing) {
            return [$path => Told::english($value)];
        }
        if ($value instanceof UnitEnum || $value instanceof Stringable || ! (is_object($value) || is_array($value))) {
            return [$path => match (true) {
                $value instanceof BackedEnum => (string) $value->value,
                $value instanceof UnitEnum => $value->name,
                is_float($value) => (string) round($value, 3),
                $value instanceof Stringable, is_string($value) => (string) $value,
                default => json_encode($value, JSON_THROW_ON_ERROR),
            }];
        }
        $parts = is_object($value) ? get_object_vars($value) : $value;
        $points = array_map(self::point(...), $parts);
        if (array_is_list($parts) && $parts !== [] && ! in_array(null, $points, true)) {
            return [$path => implode(' ', $points)];
        }

        return $parts === [] ? [$path => '[]'] : array_merge(...array_map(static fn(int|string $key, mixed $part): array => self::flat(ltrim("{$path}.{$key}", '.'), $part), array_keys($parts), $parts));
    }

    /** "x,y" of a point, null of anything else. */
    private static function point(mixed $value): ?string
    {
        return is_array($value) && count($value) === 2 && array_is_list($value) && is_numeric($value[0]) && is_numeric($value[1]) ? round((float) $value[0], 2) . ',' . round((float) $value[1], 2) : null;
    }
}
