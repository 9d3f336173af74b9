<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Wedge\WedgeSize;

/** Where things stand in the view from the side, in its pixels: what is measured in the car, to one scale. */
final readonly class SideGeometry
{
    public const PIXELS_A_MM = 0.52;

    /** Where the cushion meets the vehicle seat's back. */
    public const CREASE = [490.0, 316.0];

    private const SHELL_MM = 500.0;

    /** Middle of the head along the shell, and its distance from it. */
    private const HEAD_MM = [410.0, 76.0];

    private const TOWEL_MM = 40.0;

    /**
     * @param array{float, float} $pivot
     * @param float $degrees from the vertical; negative leans towards the front of the car
     * @return array{float, float}
     */
    public static function tip(array $pivot, float $degrees): array
    {
        $length = self::SHELL_MM * self::PIXELS_A_MM;

        return [round($pivot[0] + $length * sin(deg2rad($degrees)), 1), round($pivot[1] - $length * cos(deg2rad($degrees)), 1)];
    }

    /**
     * @param array{float, float} $pivot
     * @return array{float, float}
     */
    public static function head(array $pivot, float $lean, bool $rear): array
    {
        [$along, $away] = [self::HEAD_MM[0] * self::PIXELS_A_MM, self::HEAD_MM[1] * self::PIXELS_A_MM * ($rear ? 1 : -1)];
        [$sin, $cos] = [sin(deg2rad($lean)), cos(deg2rad($lean))];

        return [round($pivot[0] + $along * $sin + $away * $cos, 1), round($pivot[1] - $along * $cos + $away * $sin, 1)];
    }

    /** @return list<array{x: float, y: float, r: float}> */
    public static function noodles(?string $stack): array
    {
        $r = WedgeSize::SQUEEZED * WedgeSize::NOODLE_MM / 2 * self::PIXELS_A_MM;
        [$x, $y] = self::CREASE;
        $circle = static fn(float $cx, float $cy): array => ['x' => round($cx, 1), 'y' => round($cy, 1), 'r' => round($r, 1)];

        return match ($stack) {
            'one_noodle' => [$circle($x - $r, $y - $r)],
            'three_noodles' => [$circle($x - $r, $y - $r), $circle($x - 3 * $r, $y - $r), $circle($x - 2 * $r, $y - $r * (1 + sqrt(3)))],
            default => [],
        };
    }

    /** @return array{x: float, y: float, rx: float, ry: float} */
    public static function towel(?Length $lift): array
    {
        $ry = ($lift?->base()->toFloat() ?? self::TOWEL_MM) / 2 * self::PIXELS_A_MM;

        return ['x' => self::CREASE[0] - 26, 'y' => round(self::CREASE[1] - $ry, 1), 'rx' => 26.0, 'ry' => round($ry, 1)];
    }
}
