<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use Closure;
use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Telling\Message;

/** A bus from above, front to the left, its left side above: benches with belts and wraps, who sits where, what stays empty. Pixels. */
final readonly class BusAbove
{
    public const BENCH = 74;

    private const STEP = 96;

    private const LEFT = 96;

    private const TOP = 24;

    public const PLACE = 52;

    private const AISLE = 44;

    /**
     * @param list<array{
     *     row: int, side: string, x: int, y: int, height: int, back: int, belt: int|null, anchors: bool, exit: bool, empty: bool,
     *     wrap: bool, middle: int, places: list<array{place: int, y: int}>,
     * }> $benches back: how long its back is; belt: where a belt is drawn; middle: of a word; places: each from the window, within it
     * @param list<array{
     *     name: string, x: int, y: int, box: int, system: string|null, ghost: bool, fault: bool, at: string,
     * }> $riders box: how tall; ghost: proposed, not seated; fault: something about this seat may not be; at: "2|left|1"
     * @param list<array{row: int, x: int}> $rows
     * @param array{width: int, height: int, glass: int} $hull the bus itself
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public array $benches,
        public array $riders,
        public array $rows,
        public array $hull,
        public int $width,
        public int $height,
        public int $aisle,
        public array $text,
    ) {}

    /**
     * @param BusPlan|null $seated where everybody sits; null while nobody does
     * @param BusPlan|null $proposed where somebody could sit instead, drawn beside it
     * @param list<string> $faulty names of those who may not sit where they do
     */
    public static function of(BusRequest $request, ?BusPlan $seated, ?BusPlan $proposed = null, array $faulty = []): self
    {
        $rows = array_values(array_unique(array_map(static fn(BusBench $b): int => $b->row, $request->benches)));
        sort($rows);
        $columns = array_flip($rows);
        $widest = max([1, ...array_map(static fn(BusBench $b): int => $b->places, $request->benches)]);
        $shown = $seated ?? $proposed;
        $at = static fn(BusBench $b, int $place): array => [
            self::LEFT + self::STEP * $columns[$b->row],
            $b->side === BenchSide::Left
                ? self::TOP + self::PLACE * ($place - 1)
                : self::TOP + self::AISLE + self::PLACE * (2 * $widest - $place),
        ];
        $seats = $seated->seats ?? [];
        $ghosts = array_filter(
            $proposed->seats ?? [],
            static fn(BusSeat $seat, string|int $name): bool => ! isset($seats[$name]) || self::place($seats[$name]) !== self::place($seat),
            ARRAY_FILTER_USE_BOTH,
        );
        $width = self::LEFT + self::STEP * count($rows) + 24;
        $height = 2 * self::TOP + 2 * self::PLACE * $widest + self::AISLE;

        return new self(
            self::benches($request, $shown, $at),
            [...self::riders($request, $ghosts, $at, true, []), ...self::riders($request, $seats, $at, false, $faulty)],
            array_map(static fn(int $row): array => ['row' => $row, 'x' => self::LEFT + self::STEP * $columns[$row] + 37], $rows),
            ['width' => $width - 8, 'height' => $height - 8, 'glass' => $height - 80],
            $width,
            $height,
            self::TOP + self::PLACE * $widest + 28,
            array_map(self::told(...), array_keys($shown->seats ?? []), $shown->seats ?? []),
        );
    }

    /**
     * @param Closure(BusBench, int): array{int, int} $at
     * @return list<array{
     *     row: int, side: string, x: int, y: int, height: int, back: int, belt: int|null, anchors: bool, exit: bool, empty: bool,
     *     wrap: bool, middle: int, places: list<array{place: int, y: int}>,
     * }>
     */
    private static function benches(BusRequest $request, ?BusPlan $shown, Closure $at): array
    {
        $wrapped = array_filter($shown->seats ?? [], static fn(BusSeat $seat): bool => $seat->heldBy === BusFixing::Wrap);
        $wraps = array_map(static fn(BusSeat $seat): string => self::key($seat->bench), $wrapped);
        $empty = array_map(self::key(...), $shown->empty ?? []);

        return array_map(static function (BusBench $bench) use ($at, $wraps, $empty): array {
            [$x, $y] = $at($bench, $bench->side === BenchSide::Left ? 1 : $bench->places);

            return [
                'row' => $bench->row,
                'side' => $bench->side->value,
                'x' => $x,
                'y' => $y,
                'height' => self::PLACE * $bench->places,
                'back' => self::PLACE * $bench->places - 6,
                'middle' => intdiv(self::PLACE * $bench->places, 2) + 5,
                'belt' => $bench->hasBelt() ? self::PLACE * $bench->places - 30 : null,
                'anchors' => $bench->lowerAnchors === true,
                'exit' => $bench->exit === true,
                'empty' => in_array(self::key($bench), $empty, true),
                'wrap' => in_array(self::key($bench), $wraps, true),
                'places' => array_map(
                    static fn(int $place): array => ['place' => $place, 'y' => $at($bench, $place)[1] - $y],
                    range(1, $bench->places),
                ),
            ];
        }, $request->benches);
    }

    /**
     * @param array<array-key, BusSeat> $seats
     * @param Closure(BusBench, int): array{int, int} $at
     * @param list<string> $faulty
     * @return list<array{name: string, x: int, y: int, box: int, system: string|null, ghost: bool, fault: bool, at: string}>
     */
    private static function riders(BusRequest $request, array $seats, Closure $at, bool $isGhost, array $faulty): array
    {
        $riders = [];
        foreach ($seats as $name => $seat) {
            $system = $request->system($seat->system);
            $places = $system->widthPlaces ?? 1;
            [$x, $y] = $at($seat->bench, $seat->bench->side === BenchSide::Left ? $seat->place : $seat->place + $places - 1);
            $riders[] = [
                'name' => (string) $name,
                'x' => $x,
                'y' => $y,
                'box' => self::PLACE * $places - 8,
                'system' => $system?->kind->value,
                'ghost' => $isGhost,
                'fault' => in_array((string) $name, $faulty, true),
                'at' => self::place($seat),
            ];
        }

        return $riders;
    }

    private static function place(BusSeat $seat): string
    {
        return "{$seat->bench->row}|{$seat->bench->side->value}|{$seat->place}";
    }

    public static function told(int|string $name, BusSeat $seat): Message
    {
        return new Message('drawings.bus.at', [
            'who' => (string) $name,
            'row' => $seat->bench->row,
            'side' => $seat->bench->side,
            'place' => $seat->place,
            'system' => $seat->system ?? 'none',
            'held' => $seat->heldBy ?? 'nothing',
        ]);
    }

    private static function key(BusBench $bench): string
    {
        return "{$bench->row} {$bench->side->value}";
    }
}
