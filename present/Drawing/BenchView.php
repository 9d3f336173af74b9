<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use BackedEnum;
use MintBuckle\Core\Bus\BusFloors;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BehindWrap;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BeltCondition;
use MintBuckle\Core\Facts\Bus;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\FrontContact;
use MintBuckle\Core\Facts\LowestStrap;
use MintBuckle\Core\Facts\TopStraps;
use MintBuckle\Core\Facts\VestCrotch;
use MintBuckle\Core\Telling\Message;

/**
 * A bench of a bus from the side, front to the left: what stands on it, what fixes it, who sits behind; and a vest from front and back.
 * Pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class BenchView
{
    public const WIDTH = 640;

    public const HEIGHT = 360;

    /** An inch of the buckle end. */
    private const INCH = 15.0;

    /** Inches beyond which a buckle end is drawn no longer. */
    private const LONGEST = 6.0;

    private const MM_TO_THE_INCH = 25.4;

    /**
     * @param BusSystem|null $system what stands on the bench; null while it is not known
     * @param array<string, array{state: string, press: string}> $parts state: unknown, good, fault; press: the question it leads to
     * @param float|null $buckleEnd its length out of the crease; null where it is not measured
     * @param float $limit how far it may show
     * @param Message $most the same as a figure
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public ?BusSystem $system,
        public array $parts,
        public ?float $buckleEnd,
        public float $limit,
        public Message $most,
        public ?BehindWrap $behind,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s): self
    {
        $bus = $s->bus ?? new Bus();
        $end = $bus->bench->buckleEnd?->base()->toFloat();
        $parts = [...self::bench($s, $bus), ...($s->system === BusSystem::Vest ? self::vest($bus) : [])];

        return new self(
            $s->system,
            array_map(static fn(array $part): array => [
                'state' => $part[1] === null ? 'unknown' : ($part[2] ? 'good' : 'fault'),
                'press' => 'row-' . str_replace('.', '-', str_replace('_', '-', $part[0])),
            ], $parts),
            $end === null ? null : round(min(self::LONGEST, $end / self::MM_TO_THE_INCH) * self::INCH, 1),
            BusFloors::BUCKLE_END_INCHES * self::INCH,
            new Message('drawings.bench.limit', ['most' => BusFloors::buckleEnd()]),
            $bus->wrap->behind,
            array_values(array_map(static fn(array $part): Message => self::told($part[0], $part[1]), $parts)),
        );
    }

    /** @return array<string, array{string, bool|BackedEnum|null, bool}> part => path, what was seen, whether that is good */
    private static function bench(AssessmentContext $s, Bus $bus): array
    {
        $fixed = static fn(BusFixing $by): bool => in_array($by, $bus->heldBy ?? [], true);

        return [
            'exit' => ['bus.bench.exit', $bus->bench->exit, $bus->bench->exit === false || ! $s->isRestrainedOnBus()],
            'front' => ['bus.touches_front', $bus->touchesFront, $bus->touchesFront === FrontContact::None],
            'slouch' => ['bus.slouch', $bus->slouch, $bus->slouch === false],
            ...($fixed(BusFixing::Wrap) ? [
                'wrap' => ['bus.wrap.dents', $bus->wrap->dents, $bus->wrap->dents === true],
                'frayed' => ['bus.wrap.frayed', $bus->wrap->frayed, $bus->wrap->frayed === false],
                'behind' => ['bus.wrap.behind', $bus->wrap->behind, $bus->wrap->behind !== BehindWrap::Unrestrained],
            ] : []),
            ...($fixed(BusFixing::Belt) ? [
                'belt' => ['bus.bench.belt', $bus->bench->belt, $bus->bench->belt !== Belt::None],
                'condition' => [
                    'bus.bench.belt_condition',
                    $bus->bench->beltCondition,
                    $bus->bench->beltCondition === BeltCondition::Sound,
                ],
            ] : []),
            ...($fixed(BusFixing::LowerAnchors) ? [
                'anchors' => ['bus.bench.lower_anchors', $bus->bench->lowerAnchors, $bus->bench->lowerAnchors === true],
            ] : []),
        ];
    }

    /** @return array<string, array{string, bool|BackedEnum|null, bool}> */
    private static function vest(Bus $bus): array
    {
        $vest = $bus->vest;

        return [
            'size' => ['bus.vest.size_nearest', $vest->sizeNearest, $vest->sizeNearest === true],
            'closure' => ['bus.vest.front_right', $vest->frontRight, $vest->frontRight === true],
            'coat' => ['bus.vest.over_coat', $vest->overCoat, $vest->overCoat === false],
            'crotch' => ['bus.vest.crotch', $vest->crotch, $vest->crotch === VestCrotch::Snug],
            'lowest' => ['bus.vest.lowest_strap', $vest->lowestStrap, $vest->lowestStrap === LowestStrap::Hips],
            'neck' => ['bus.vest.strap_near_neck', $vest->strapNearNeck, $vest->strapNearNeck === false],
            'hips' => ['bus.vest.fixed_hips', $vest->fixedHips, $vest->fixedHips === true],
            'shoulders' => ['bus.vest.fixed_shoulders', $vest->fixedShoulders, $vest->fixedShoulders === true],
            'top' => ['bus.vest.top_from', $vest->topFrom, $vest->topFrom === TopStraps::Above],
            'ends' => ['bus.vest.rethreaded', $vest->rethreaded, $vest->rethreaded === true],
        ];
    }

    private static function told(string $path, bool|BackedEnum|null $seen): Message
    {
        return new Message('drawings.bench.seen', ['fact' => new Message("facts.{$path}.short"), 'answer' => match (true) {
            $seen === null => new Message('drawings.bench.not_looked', within: true),
            $seen instanceof BackedEnum => new Message("facts.{$path}.answers.{$seen->value}", within: true),
            default => new Message($seen ? 'answers.yes' : 'answers.no', within: true),
        }]);
    }
}
