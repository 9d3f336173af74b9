<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Capacity\LineSimulation;
use MintBuckle\Core\Capacity\WaitingLine;
use MintBuckle\Core\Telling\Message;

/**
 * The mean wait by the number of technicians, as a curve; the bearable wait as a line, who is planned as a point, and between what a
 * simulation finds it as a whisker. All figures are pixels of a drawing WIDTH by HEIGHT.
 */
final readonly class WaitCurve
{
    public const WIDTH = 560;

    public const HEIGHT = 260;

    public const LEFT = 64;

    public const RIGHT = 540;

    public const TOP = 36;

    public const BOTTOM = 206;

    /** What lies above is drawn at the edge. */
    private const MOST_MINUTES = 60;

    private const BEYOND = 4;

    /**
     * @param list<array{technicians: int, x: float, y: float, minutes: float}> $points of those numbers at which the line settles
     * @param array{x: float, y: float, low: float, high: float}|null $planned null where the line would only grow
     * @param list<array{y: float, minutes: int}> $marks
     */
    private function __construct(public array $points, public ?array $planned, public float $bearable, public array $marks) {}

    public static function of(WaitingLine $line, ?LineSimulation $played): self
    {
        $fewest = (int) floor($line->offered()->toFloat()) + 1;
        $most = max($line->techniciansFor(), $line->technicians, $fewest) + self::BEYOND;
        $x = static fn(int $technicians): float => round(
            self::LEFT + (self::RIGHT - self::LEFT) * ($technicians - $fewest) / max(1, $most - $fewest),
            1,
        );
        $points = [];
        for ($technicians = $fewest; $technicians <= min($most, WaitingLine::MOST_TECHNICIANS); $technicians++) {
            $minutes = (float) $line->with($technicians)->meanWaitMinutes();
            $points[] = ['technicians' => $technicians, 'x' => $x($technicians), 'y' => self::y($minutes), 'minutes' => $minutes];
        }

        return new self(
            $points,
            $played === null ? null : [
                'x' => $x($line->technicians),
                'y' => self::y((float) $line->meanWaitMinutes()),
                'low' => self::y($played->meanWaitMinutes->low),
                'high' => self::y($played->meanWaitMinutes->high),
            ],
            self::y(WaitingLine::BEARABLE_MINUTES),
            array_map(static fn(int $minutes): array => ['y' => self::y($minutes), 'minutes' => $minutes], [0, 20, 40, self::MOST_MINUTES]),
        );
    }

    public function path(): string
    {
        return 'M' . implode('L', array_map(static fn(array $point): string => "{$point['x']} {$point['y']}", $this->points));
    }

    /** @return list<Message> the same in words */
    public function text(): array
    {
        return array_map(static fn(array $point): Message => new Message('drawings.capacity.point', [
            'technicians' => $point['technicians'],
            'minutes' => (int) round($point['minutes']),
        ]), $this->points);
    }

    private static function y(float $minutes): float
    {
        return round(self::BOTTOM - (self::BOTTOM - self::TOP) * min(1.0, $minutes / self::MOST_MINUTES), 1);
    }
}
