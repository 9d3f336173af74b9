<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Wedge\WedgeSize;

/**
 * The seat from the side on its cushion, the front of the car at the left: the back of the shell at its angle against the range
 * allowed, the base and what of it hangs over the edge, the wedge under the crease. Lengths to scale; pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class SeatSide
{
    public const WIDTH = 640;

    public const HEIGHT = 390;

    public const PIXELS_A_MM = 0.52;

    /** Where the cushion meets the vehicle seat's back. */
    public const CREASE = [490.0, 316.0];

    /** Of seats that do not say: drawn, never judged. In mm and degrees. */
    private const TYPICAL_BASE_MM = 450.0;

    private const TYPICAL_DEPTH_MM = 480.0;

    private const TYPICAL_REAR_DEG = 42.0;

    private const FORWARD_DEG = 14.0;

    private const SHELL_MM = 500.0;

    /** Middle of the head along the shell, and its distance from it. */
    private const HEAD_MM = [410.0, 76.0];

    private const TOWEL_MM = 40.0;

    /**
     * @param array{float, float} $base front and rear end of the base, x
     * @param float $edge front edge of the cushion, x
     * @param float|null $allowedEdge where the edge may be at the least, x; null where the seat gives no figure
     * @param array{float, float, float, float} $shell foot and top of the shell's back
     * @param array{float, float} $head of the child, sitting with its back against the shell
     * @param array{float, float, float, float}|null $range upper ends of the upright and the flat limit
     * @param list<array{x: float, y: float, r: float}> $noodles
     * @param array{x: float, y: float, rx: float, ry: float}|null $towel
     * @param bool|null $inRange by indicator or angle; null while neither was read
     * @param list<string> $text the same in words
     */
    private function __construct(
        public bool $rear,
        public array $base,
        public float $edge,
        public bool $edgeMeasured,
        public ?float $allowedEdge,
        public array $shell,
        public array $head,
        public bool $angleMeasured,
        public ?string $angleLabel,
        public ?array $range,
        public array $noodles,
        public ?array $towel,
        public bool $wedgeProposed,
        public ?bool $inRange,
        public ?bool $tether,
        public ?string $overhangLabel,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s, ?LengthUnit $unit = null, bool $lead = true): self
    {
        $setup = $s->setup();
        $reading = ReclineReading::of($s);
        $lengthMm = $s->seat?->baseLength?->base()->toFloat() ?? self::TYPICAL_BASE_MM;
        $front = round(self::CREASE[0] - 14 - $lengthMm * self::PIXELS_A_MM, 1);
        $overhangMm = $setup->overhang?->base()->toFloat() ?? (
            $setup->baseOnCushion === null ? null : (1 - $setup->baseOnCushion->toFloat()) * $lengthMm
        );
        $limit = $s->seat?->overhangMax?->asMaximum($s->madeOn(), $s->heldForLimits())->entry?->value->base()->toFloat();
        $pivot = $s->isRear() ? [$front + 46, 268.0] : [self::CREASE[0] - 60, 268.0];
        $angle = $reading->angle?->base()->toFloat();
        $lean = $s->isRear() ? -($angle ?? self::TYPICAL_REAR_DEG) : self::FORWARD_DEG;
        $wedge = WedgeSize::of($s);
        $stack = match (true) {
            $setup->wedge === Wedge::Noodle => 'one_noodle',
            $setup->wedge === Wedge::Towel => 'towel',
            $lead => $wedge?->stack,
            default => null,
        };

        return new self(
            $s->isRear(),
            [$front, self::CREASE[0] - 14],
            $overhangMm === null
                ? round(self::CREASE[0] - self::TYPICAL_DEPTH_MM * self::PIXELS_A_MM, 1)
                : round($front + $overhangMm * self::PIXELS_A_MM, 1),
            $overhangMm !== null,
            $limit === null || ! $lead ? null : round($front + $limit * self::PIXELS_A_MM, 1),
            [...$pivot, ...self::tip($pivot, $lean)],
            self::head($pivot, $lean, $s->isRear()),
            $angle !== null,
            $reading->angle?->show(),
            $reading->min === null || $reading->max === null || ! $s->isRear() || ! $lead ? null : [
                ...self::tip($pivot, -$reading->min->value->base()->toFloat()),
                ...self::tip($pivot, -$reading->max->value->base()->toFloat()),
            ],
            self::noodles($stack),
            $stack === 'towel' ? self::towel($wedge?->lift) : null,
            $stack !== null && $setup->wedge !== Wedge::Noodle && $setup->wedge !== Wedge::Towel,
            $setup->indicator === null && $angle === null ? null : ! $reading->isTooUpright() && ! $reading->isTooFlat(),
            $setup->tether->used,
            $setup->overhang?->show($unit),
            SideWords::of($s, $reading, $lead ? $wedge : null, $unit),
        );
    }

    /**
     * @param array{float, float} $pivot
     * @param float $degrees from the vertical; negative leans towards the front of the car
     * @return array{float, float}
     */
    private static function tip(array $pivot, float $degrees): array
    {
        $length = self::SHELL_MM * self::PIXELS_A_MM;

        return [round($pivot[0] + $length * sin(deg2rad($degrees)), 1), round($pivot[1] - $length * cos(deg2rad($degrees)), 1)];
    }

    /**
     * @param array{float, float} $pivot
     * @return array{float, float}
     */
    private static function head(array $pivot, float $lean, bool $rear): array
    {
        [$along, $away] = [self::HEAD_MM[0] * self::PIXELS_A_MM, self::HEAD_MM[1] * self::PIXELS_A_MM * ($rear ? 1 : -1)];
        [$sin, $cos] = [sin(deg2rad($lean)), cos(deg2rad($lean))];

        return [round($pivot[0] + $along * $sin + $away * $cos, 1), round($pivot[1] - $along * $cos + $away * $sin, 1)];
    }

    /** @return list<array{x: float, y: float, r: float}> */
    private static function noodles(?string $stack): array
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
    private static function towel(?Length $lift): array
    {
        $ry = ($lift?->base()->toFloat() ?? self::TOWEL_MM) / 2 * self::PIXELS_A_MM;

        return ['x' => self::CREASE[0] - 26, 'y' => round(self::CREASE[1] - $ry, 1), 'rx' => 26.0, 'ry' => round($ry, 1)];
    }
}
