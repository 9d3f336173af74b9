<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Growth\GrowthCurve;
use MintBuckle\Core\Growth\GrowthReference;
use MintBuckle\Core\Growth\Measure;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/**
 * Weight across, height up: each mode of the seat a field, the child a point, the growth path ahead with its spread, and the month
 * in which it leaves each field. The path is an estimate and starts at what was measured. Pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class ModePlane
{
    public const WIDTH = 640;

    public const HEIGHT = 400;

    public const LEFT = 84;

    public const RIGHT = 624;

    public const TOP = 24;

    public const BOTTOM = 346;

    /** Width and height within the axes. */
    public const INNER = [self::RIGHT - self::LEFT, self::BOTTOM - self::TOP];

    /** Shown where neither seat nor child says more: a child of about eleven. No child is shorter than the least. */
    private const FULL_KG = 36.0;

    private const FULL_CM = 145.0;

    private const LEAST_CM = 40.0;

    private const MONTHS_A_STEP = 3;

    /**
     * @param list<ModeField> $fields
     * @param array{float, float}|null $child x and y
     * @param list<array{float, float}> $path months ahead, x and y
     * @param list<array{float, float}> $spread the outline of half a z either way
     * @param list<array{x: float, label: Message}> $weights
     * @param list<array{y: float, label: Message}> $heights
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public array $fields,
        public ?array $child,
        public array $path,
        public array $spread,
        public array $weights,
        public array $heights,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s, MassUnit $mass = MassUnit::Kilogram, LengthUnit $length = LengthUnit::Centimetre): self
    {
        $plane = self::scale($s);
        $fields = [];
        foreach ($s->case->seat->modes ?? [] as $name => $mode) {
            $fields[] = ModeField::of($s, ModeName::from($name), $mode, $plane);
        }
        [$weight, $height] = [$s->child->weight, $s->child->height];

        return new self(
            $fields,
            $weight === null || $height === null
                ? null
                : [$plane->x(Measure::Weight->number($weight)), $plane->y(Measure::Height->number($height))],
            self::path($s, $plane, 0.0),
            [...self::path($s, $plane, OutgrowForecast::SPREAD_Z), ...array_reverse(self::path($s, $plane, -OutgrowForecast::SPREAD_Z))],
            $plane->weights($mass),
            $plane->heights($length),
            [
                new Message('drawings.plane.child', [
                    'weight' => $weight,
                    'height' => $height,
                    'known' => $weight !== null && $height !== null,
                ]),
                ...array_map(static fn(ModeField $field): Message => $field->told(), $fields),
            ],
        );
    }

    /**
     * The same without what follows from it, for somebody who is to find that.
     *
     * @param bool $limits whether the fields of the ways of riding are known
     */
    public function unjudged(bool $limits): self
    {
        return new self(
            $limits ? array_map(static fn(ModeField $field): ModeField => $field->unjudged(), $this->fields) : [],
            $this->child,
            [],
            [],
            $this->weights,
            $this->heights,
            array_slice($this->text, 0, 1),
        );
    }

    /**
     * Points as SVG wants them: "12,40 15,38".
     *
     * @param list<array{float, float}> $points
     */
    public static function points(array $points): string
    {
        return implode(' ', array_map(static fn(array $p): string => "{$p[0]},{$p[1]}", $points));
    }

    private static function scale(AssessmentContext $s): PlaneScale
    {
        $kg = [self::FULL_KG, self::margin(Measure::Weight, $s->child->weight)];
        $cm = [self::FULL_CM, self::margin(Measure::Height, $s->child->height)];
        foreach ($s->case->seat->modes ?? [] as $mode) {
            $kg = [...$kg, ...self::printed(Measure::Weight, $mode->weightMax)];
            $cm = [...$cm, ...self::printed(Measure::Height, $mode->heightMax)];
        }

        return new PlaneScale(self::LEFT, self::RIGHT, 0.0, max($kg), self::TOP, self::BOTTOM, self::LEAST_CM, max($cm));
    }

    private static function margin(Measure $measure, ?Quantity $quantity): float
    {
        return $quantity === null ? 0.0 : 1.06 * $measure->number($quantity);
    }

    /** @return list<float> */
    private static function printed(Measure $measure, ?Limit $limit): array
    {
        return array_map(static fn(LimitEntry $entry): float => self::margin($measure, $entry->value), $limit->entries ?? []);
    }

    /**
     * With the chart unknown the girls' is drawn: the path is a picture, the dates take the earlier of the two.
     *
     * @return list<array{float, float}>
     */
    private static function path(AssessmentContext $s, PlaneScale $plane, float $shift): array
    {
        $age = $s->age?->toInt();
        if ($age === null || $s->child->weight === null || $s->child->height === null) {
            return [];
        }
        $sex = $s->child->sex ?? Sex::Female;
        $weight = GrowthCurve::through($sex, Measure::Weight, $age, Measure::Weight->number($s->child->weight));
        $height = GrowthCurve::through($sex, Measure::Height, $age, Measure::Height->number($s->child->height));
        if ($shift !== 0.0) {
            [$weight, $height] = [$weight->shifted($shift), $height->shifted($shift)];
        }
        $points = [];
        [$kg, $cm] = [0.0, 0.0];
        for ($months = $age; $months <= GrowthReference::LAST_MONTHS && $plane->holds($kg, $cm); $months += self::MONTHS_A_STEP) {
            // Never shown to shrink, not even where length becomes stature.
            [$kg, $cm] = [max($kg, $weight->at($months)), max($cm, $height->at($months))];
            $points[] = [$plane->x($kg), $plane->y($cm)];
        }

        return $points;
    }
}
