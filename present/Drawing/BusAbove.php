<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

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

    private const PLACE = 52;

    private const AISLE = 44;

    /**
     * @param list<array{
     *     row: int, side: string, x: int, y: int, height: int, back: int, belt: int|null, anchors: bool, exit: bool, empty: bool,
     *     wrap: bool, middle: int,
     * }> $benches back: how long its back is; belt: where a belt is drawn; middle: of a word
     * @param list<array{name: string, x: int, y: int, height: int, box: int, system: string|null}> $riders box: how tall
     * @param list<array{row: int, x: int}> $rows
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public array $benches,
        public array $riders,
        public array $rows,
        /** @var array{width: int, height: int, glass: int} the bus itself */
        public array $hull,
        public int $width,
        public int $height,
        public int $aisle,
        public array $text,
    ) {}

    public static function of(BusRequest $request, ?BusPlan $plan): self
    {
        $rows = array_values(array_unique(array_map(static fn(BusBench $b): int => $b->row, $request->benches)));
        sort($rows);
        $columns = array_flip($rows);
        $widest = max([1, ...array_map(static fn(BusBench $b): int => $b->places, $request->benches)]);
        $seats = $plan->seats ?? [];
        $wraps = array_map(
            static fn(BusSeat $s): string => self::key($s->bench),
            array_filter($seats, static fn(BusSeat $s): bool => $s->heldBy === BusFixing::Wrap),
        );
        $empty = array_map(self::key(...), $plan->empty ?? []);
        $at = static fn(BusBench $b, int $place): array => [
            self::LEFT + self::STEP * $columns[$b->row],
            $b->side === BenchSide::Left
                ? self::TOP + self::PLACE * ($place - 1)
                : self::TOP + self::AISLE + self::PLACE * (2 * $widest - $place),
        ];
        $benches = $riders = [];
        foreach ($request->benches as $bench) {
            [$x, $y] = $at($bench, $bench->side === BenchSide::Left ? 1 : $bench->places);
            $benches[] = [
                'row' => $bench->row,
                'side' => $bench->side->value,
                'x' => $x,
                'y' => $y,
                'height' => self::PLACE * $bench->places,
                'back' => self::PLACE * $bench->places - 6,
                'middle' => intdiv(self::PLACE * $bench->places, 2) + 5,
                'belt' => $bench->hasBelt() ? self::PLACE * $bench->places - 30 : null,
                'anchors' => $bench->lowerAnchors === true, 'exit' => $bench->exit === true,
                'empty' => in_array(self::key($bench), $empty, true),
                'wrap' => in_array(self::key($bench), $wraps, true),
            ];
        }
        foreach ($seats as $name => $seat) {
            $places = $request->system($seat->system)->widthPlaces ?? 1;
            [$x, $y] = $at($seat->bench, $seat->bench->side === BenchSide::Left ? $seat->place : $seat->place + $places - 1);
            $riders[] = [
                'name' => (string) $name, 'x' => $x, 'y' => $y, 'height' => self::PLACE * $places,
                'box' => self::PLACE * $places - 8, 'system' => $request->system($seat->system)?->kind->value,
            ];
        }

        $width = self::LEFT + self::STEP * count($rows) + 24;
        $height = 2 * self::TOP + 2 * self::PLACE * $widest + self::AISLE;

        return new self(
            $benches,
            $riders,
            array_map(static fn(int $row): array => ['row' => $row, 'x' => self::LEFT + self::STEP * $columns[$row] + 37], $rows),
            ['width' => $width - 8, 'height' => $height - 8, 'glass' => $height - 80],
            $width,
            $height,
            self::TOP + self::PLACE * $widest + 28,
            array_map(self::told(...), array_keys($seats), $seats),
        );
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
