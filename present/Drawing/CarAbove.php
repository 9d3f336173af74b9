<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * The car from above, front at the top: its places with belt, anchors and airbag, and the seat in the one in use. Pixels of a drawing
 * WIDTH wide.
 */
final readonly class CarAbove
{
    public const WIDTH = 420;

    /** A place's own box. */
    public const PLACE_WIDTH = 104;

    public const PLACE_HEIGHT = 112;

    /** Of the cushion, and where the seat back begins behind it. */
    public const CUSHION_DEPTH = 90;

    public const BACK_AT = 92;

    private const LEFT = 42;

    private const STEP = 116;

    private const TOP = 118;

    private const ROW = 146;

    private const COLUMNS = ['L' => 0, 'C' => 1, 'R' => 2];

    /** A seat is as long as its base; one of unknown length is drawn as long as common ones, in mm. */
    private const TYPICAL_BASE_MM = 450.0;

    private const PIXELS_A_MM = 0.2;

    /**
     * @param list<CarPlace> $places
     * @param float $seatLength of the seat in the place in use, to the scale of PLACE_HEIGHT
     * @param bool|null $rear which way the seat faces; null while unknown
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public array $places,
        public int $height,
        public float $seatLength,
        public ?bool $rear,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s): self
    {
        $places = self::places($s->case->vehicle->positions ?? [], $s->place?->name);
        $base = $s->seat?->baseLength?->base()->toFloat() ?? self::TYPICAL_BASE_MM;

        return new self(
            $places,
            self::heightFor($places),
            round(max(50.0, min(86.0, $base * self::PIXELS_A_MM)), 1),
            $s->mode === null ? null : $s->isRear(),
            $places === []
                ? [new Message('drawings.car.none')]
                : array_map(static fn(CarPlace $p): Message => new Message('drawings.car.place', [
                    'place' => $p->title,
                    'known' => $p->signs !== [],
                    'signs' => Listing::names($p->signs),
                    'here' => $p->inUse,
                ]), $places),
        );
    }

    /**
     * @param list<SeatingPosition> $positions
     * @return list<CarPlace>
     */
    public static function places(array $positions, ?string $inUse = null): array
    {
        return array_map(static fn(SeatingPosition $p): CarPlace => self::place($p, $inUse), $positions);
    }

    /** @param list<CarPlace> $places */
    public static function heightFor(array $places): int
    {
        return self::TOP + self::ROW * max([1, ...array_map(static fn(CarPlace $p): int => $p->position->row(), $places)]) + 24;
    }

    private static function place(SeatingPosition $p, ?string $inUse): CarPlace
    {
        return new CarPlace(
            $p,
            self::LEFT + self::STEP * self::COLUMNS[$p->name[1]],
            self::TOP + self::ROW * ($p->row() - 1),
            $p->name === $inUse,
            Answers::placeTitle($p->name),
            self::signs($p),
        );
    }

    /** @return list<Message> */
    private static function signs(SeatingPosition $p): array
    {
        $known = [
            'belt' => $p->belt?->value,
            'lower_anchors' => $p->lowerAnchors,
            'tether_anchor' => $p->tetherAnchor,
            'airbag' => $p->airbag === true ?: null,
            'side_facing' => $p->sideFacing === true ?: null,
            'taken' => $p->taken === true ?: null,
        ];
        $signs = array_filter($known, static fn(mixed $one): bool => $one !== null);

        return array_map(
            static fn(string $what, string|bool $is): Message => new Message("drawings.car.signs.{$what}", ['is' => $is]),
            array_keys($signs),
            $signs,
        );
    }

    /** Outline of a car of that height. */
    public static function outline(int $height): string
    {
        $sill = $height - 40;

        return "M24 {$sill}V96Q24 14 210 14T396 96V{$sill}q0 30-30 30H54q-30 0-30-30z";
    }

    public function bodyPath(): string
    {
        return self::outline($this->height);
    }

    public function seatHalf(): float
    {
        return $this->seatLength / 2;
    }
}
