<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Wedge\WedgeSize;

/**
 * The seat from the side on its cushion, the front of the car at the left: the back of the shell at its angle against the range
 * allowed, the base and what of it hangs over the edge, the wedge under the crease. Lengths to scale; pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class SeatSide
{
    public const WIDTH = 640;

    public const HEIGHT = 390;

    /** Of what is shown of it. */
    public const VIEW_HEIGHT = 384;

    /** Of seats that do not say: drawn, never judged. In mm and degrees. */
    private const TYPICAL_BASE_MM = 450.0;

    private const TYPICAL_DEPTH_MM = 480.0;

    private const TYPICAL_REAR_DEG = 42.0;

    private const FORWARD_DEG = 14.0;

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
     * @param list<Message> $text the same in words
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
        public ?Angle $angleLabel,
        public ?array $range,
        public array $noodles,
        public ?array $towel,
        public bool $wedgeProposed,
        public ?bool $inRange,
        public ?bool $tether,
        public ?Length $overhangLabel,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s, ?LengthUnit $unit = null, bool $lead = true): self
    {
        $setup = $s->setup();
        $reading = ReclineReading::of($s);
        $lengthMm = $s->seat?->baseLength?->base()->toFloat() ?? self::TYPICAL_BASE_MM;
        $front = round(SideGeometry::CREASE[0] - 14 - $lengthMm * SideGeometry::PIXELS_A_MM, 1);
        $overhangMm = $setup->overhang?->base()->toFloat() ?? (
            $setup->baseOnCushion === null ? null : (1 - $setup->baseOnCushion->toFloat()) * $lengthMm
        );
        $limit = $s->seat?->overhangMax?->asMaximum($s->madeOn(), $s->heldForLimits())->entry?->value->base()->toFloat();
        $pivot = $s->isRear() ? [$front + 46, 268.0] : [SideGeometry::CREASE[0] - 60, 268.0];
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
            [$front, SideGeometry::CREASE[0] - 14],
            $overhangMm === null
                ? round(SideGeometry::CREASE[0] - self::TYPICAL_DEPTH_MM * SideGeometry::PIXELS_A_MM, 1)
                : round($front + $overhangMm * SideGeometry::PIXELS_A_MM, 1),
            $overhangMm !== null,
            $limit === null || ! $lead ? null : round($front + $limit * SideGeometry::PIXELS_A_MM, 1),
            [...$pivot, ...SideGeometry::tip($pivot, $lean)],
            SideGeometry::head($pivot, $lean, $s->isRear()),
            $angle !== null,
            $reading->angle,
            $reading->min === null || $reading->max === null || ! $s->isRear() || ! $lead ? null : [
                ...SideGeometry::tip($pivot, -$reading->min->value->base()->toFloat()),
                ...SideGeometry::tip($pivot, -$reading->max->value->base()->toFloat()),
            ],
            SideGeometry::noodles($stack),
            $stack === 'towel' ? SideGeometry::towel($wedge?->lift) : null,
            $stack !== null && $setup->wedge !== Wedge::Noodle && $setup->wedge !== Wedge::Towel,
            $setup->indicator === null && $angle === null ? null : ! $reading->isTooUpright() && ! $reading->isTooFlat(),
            $setup->tether->used,
            $setup->overhang,
            SideWords::of($s, $reading, $lead ? $wedge : null),
        );
    }

    /** The vehicle seat: its cushion from the edge to the crease, and its back. */
    public function cushionPath(): string
    {
        [$x, $y] = SideGeometry::CREASE;

        return 'M' . ($this->edge + 14) . " {$y}q-14 0-14 18t14 24h" . ($x - $this->edge - 10)
            . "l30-30L584 44q2-14-12-16t-18 12L{$x} {$y}z";
    }

    /** From the foot of the shell between the upright and the flat limit. */
    public function rangePath(): string
    {
        [$x, $y, $toX, $toY] = $this->range ?? [0.0, 0.0, 0.0, 0.0];

        return "M{$this->shell[0]} {$this->shell[1]}L{$x} {$y}A260 260 0 0 0 {$toX} {$toY}z";
    }

    public function baseWidth(): float
    {
        return $this->base[1] - $this->base[0];
    }

    /** The shell's seat, from its foot towards the child's knees. */
    public function panPath(): string
    {
        return "M{$this->shell[0]} {$this->shell[1]}L" . ($this->rear ? $this->base[1] - 40 : $this->base[0] + 26) . ' 262';
    }

    /** Trunk and legs, sitting with the back against the shell. */
    public function childPath(): string
    {
        $ahead = $this->rear ? 1 : -1;

        return "M{$this->head[0]} {$this->head[1]}L" . ($this->shell[0] + $ahead * 30) . ' ' . ($this->shell[1] - 34) . 'h' . $ahead * 96;
    }

    public function tetherPath(): string
    {
        return "M{$this->shell[2]} " . ($this->shell[3] + 24) . ($this->rear ? 'Q120 120 130 350' : 'Q560 60 598 230');
    }

    /** Where a finger asks for the overhang. */
    public function overhangReach(): float
    {
        return min($this->base[0], $this->edge) - 20;
    }
}
