<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripList;
use MintBuckle\Core\Bus\Trip\TripLook;
use MintBuckle\Core\Bus\Trip\TripMark;
use MintBuckle\Core\Bus\Trip\TripOutcome;
use MintBuckle\Core\Bus\Trip\TripRecord;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/** What is looked at before a bus sets off, and when it may. Common practice of the trade: belts, wraps, straps, benches behind wraps. */
final class TripListTest extends TestCase
{
    /**
     * @param list<array<string, mixed>> $benches
     * @param list<array<string, mixed>> $systems
     * @param list<array<string, mixed>> $riders
     */
    private static function request(array $benches, array $systems, array $riders): BusRequest
    {
        $file = json_decode((string) json_encode(['format' => BusReader::FORMAT, 'version' => BusReader::VERSION, 'today' => '2026-11-28', 'benches' => $benches, 'systems' => $systems, 'riders' => $riders]));
        assert($file instanceof stdClass);

        return BusReader::fromObject($file);
    }

    /** @return list<TripItem> */
    private static function listed(BusRequest $request): array
    {
        $answer = BusPlanner::plan($request);
        self::assertNotSame([], $answer->plans);

        return TripList::of($request, $answer->plans[0]);
    }

    private static function vests(): BusRequest
    {
        $lb = static fn(int $weight): array => ['weight' => ['value' => $weight, 'unit' => 'lb'], 'born_on' => '2022-05-20'];

        return self::request(
            [
                ['row' => 1, 'side' => 'left', 'places' => 2, 'belt' => 'none'], ['row' => 2, 'side' => 'left', 'places' => 2, 'belt' => 'none'],
                ['row' => 3, 'side' => 'left', 'places' => 2, 'belt' => 'lap_shoulder'],
            ],
            [['id' => 'V', 'kind' => 'vest', 'fixed_by' => ['wrap'], 'count' => 1], ['id' => 'B', 'kind' => 'booster', 'fixed_by' => ['belt'], 'count' => 1]],
            [['name' => 'Fen', 'child' => $lb(41), 'system' => 'V', 'stop' => 1], ['name' => 'Ivo', 'child' => $lb(50), 'system' => 'B', 'stop' => 2]],
        );
    }

    public function testTheListOfAWrapAndABelt(): void
    {
        $items = self::listed(self::vests());
        self::assertSame([
            'way', 'wrap/1/left', 'behind/1/left', 'restraint/1/left/Fen', 'straps/1/left/Fen', 'belt/3/left', 'restraint/3/left/Ivo', 'straps/3/left/Ivo',
        ], array_map(static fn(TripItem $item): string => $item->key, $items));
        self::assertSame([
            'the aisle and the emergency exits are free, and nothing lies loose',
            'the wrap dents the seat back and is not frayed',
            'row 2 behind the wrap is empty',
            'Fen: the vest is fixed to the wrap at hips and shoulders and does not come loose',
            'Fen: back against the bench, vest the right way round and no coat under it, hips tightened before shoulders, crotch strap snug',
            'the belts are sound and flat, and their buckle ends are no longer than 2 in',
            'Ivo: the booster is held by the belt and does not come loose',
            'Ivo: back against the bench, lap part low, shoulder part across mid-chest',
        ], array_map(static fn(string $told): string => preg_match('/\A(Fen|Ivo)/', $told) === 1 ? $told : lcfirst($told), Told::all(array_map(static fn(TripItem $item) => $item->told(), $items))));
    }

    public function testRidersWithoutASystemAreNotListedButTheirBeltIs(): void
    {
        $items = self::listed(self::request([['row' => 4, 'side' => 'right', 'places' => 3, 'belt' => 'lap']], [], [['name' => 'Mr Tolley', 'child' => new stdClass(), 'adult' => true]]));
        self::assertSame(['way', 'belt/4/right'], array_map(static fn(TripItem $item): string => $item->key, $items));
    }

    public function testTheLastWrapHasNothingBehindIt(): void
    {
        $child = ['weight' => ['value' => 41, 'unit' => 'lb'], 'born_on' => '2022-05-20'];
        $items = self::listed(self::request([['row' => 1, 'side' => 'left', 'places' => 2, 'belt' => 'none']], [['id' => 'V', 'kind' => 'vest', 'fixed_by' => ['wrap'], 'count' => 1]], [['name' => 'Fen', 'child' => $child, 'system' => 'V']]));
        self::assertSame([], array_filter($items, static fn(TripItem $item): bool => $item->look === TripLook::Behind));
    }

    /** What may be chosen as wrong is a fault of the rulebook, never a mere question. */
    public function testEveryFaultIsOneOfTheRulebook(): void
    {
        $codes = array_map(static fn(Code $code): string => $code->value, Rulebook::current()->codes());
        foreach (TripLook::cases() as $look) {
            foreach ([null, ...BusSystem::cases()] as $system) {
                foreach ($look->faults($system) as $fault) {
                    self::assertContains($fault->value, $codes);
                    $worst = Rulebook::current()->finds($fault)->severities;
                    self::assertNotSame([], array_filter($worst, static fn(Severity $s): bool => $s === Severity::Fix || $s === Severity::Stop), $fault->value);
                }
            }
        }
    }

    public function testItMaySetOffOnceEverythingWasLookedAt(): void
    {
        $items = self::listed(self::vests());
        $right = array_map(static fn(TripItem $item): TripMark => self::mark($item->key, TripOutcome::Right), $items);
        self::assertFalse((new TripRecord($items, []))->maySetOff());
        self::assertFalse((new TripRecord($items, array_slice($right, 1)))->maySetOff(), 'one line open');
        self::assertTrue((new TripRecord($items, $right))->maySetOff());

        $wrap = self::mark('wrap/1/left', TripOutcome::PutRight, 'bus.wrap_loose');
        $record = new TripRecord($items, [...$right, $wrap, self::mark('nothing/of/this', TripOutcome::Right)]);
        self::assertTrue($record->maySetOff());
        self::assertSame(['wrap/1/left'], array_map(static fn(TripItem $item): string => $item->key, $record->found()));
        self::assertSame(count($items), count($record->marks), 'a mark of another list counts for nothing');

        $out = new TripRecord($items, [...$right, self::mark('wrap/1/left', TripOutcome::LeftOut, 'bus.wrap_frayed')]);
        self::assertTrue($out->maySetOff());
        self::assertCount(1, $out->leftOut());
        self::assertFalse((new TripRecord($items, [...$right, self::mark('way', TripOutcome::LeftOut)]))->maySetOff(), 'the way out must be free');
        self::assertTrue((new TripRecord($items, [self::mark('way', TripOutcome::LeftOut), ...$right]))->maySetOff(), 'the later mark counts');
    }

    public function testWhatComesBack(): void
    {
        $items = self::listed(self::vests());
        $loose = self::mark('wrap/1/left', TripOutcome::PutRight, 'bus.wrap_loose');
        $record = static fn(TripMark ...$marks): TripRecord => new TripRecord($items, array_values($marks));
        self::assertSame([], TripRecord::comingBack([$record($loose, $loose), $record()]), 'twice on one trip is once');
        $again = TripRecord::comingBack([$record($loose), $record($loose, self::mark('straps/1/left/Fen', TripOutcome::PutRight, 'bus.slouch')), $record($loose, self::mark('straps/1/left/Fen', TripOutcome::LeftOut, 'bus.slouch'))]);
        self::assertSame([['bus.wrap_loose', 3], ['bus.slouch', 2]], array_map(static fn(array $one): array => [$one['found']->value, $one['times']], $again));
    }

    private static function mark(string $item, TripOutcome $outcome, ?string $found = null): TripMark
    {
        return new TripMark($item, $outcome, $found === null ? null : Code::of($found), null, 'FB', '2026-11-28T07:30:00+00:00');
    }
}
