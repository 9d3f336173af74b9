<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Felt;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\FigureInUse;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;

/** How far does the seat move at the belt path? */
final readonly class MovementRule implements Rule
{
    /** So near under an inclusive limit it is worth a word; common practice. */
    public const NEAR_MM = 1;

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('measure.loose'),
                [Severity::Fix],
                mendedBy: ['setup.movement.{subject}'],
                ownFigures: ['seat.movement_max'],
            ),
            new Finds(
                Code::of('measure.at_limit'),
                [Severity::Advise],
                mendedBy: ['setup.movement.{subject}'],
                ownFigures: ['seat.movement_max'],
                figures: ['near' => Length::of(self::NEAR_MM)],
            ),
            new Finds(Code::of('measure.tether_masked'), [Severity::Ask], mendedBy: ['setup.movement.tether_loose']),
            new Finds(Code::of('measure.wrong_spot'), [Severity::Ask], mendedBy: ['setup.movement.at_belt_path']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness() || $s->heldBy === HeldBy::Nothing) {
            return;
        }
        $movement = $s->setup()->movement;
        if ($movement->atBeltPath === false) {
            yield new Finding(
                Code::of('measure.wrong_spot'),
                Severity::Ask,
                sources: [Source::Common->cite()],
            );

            return;
        }
        if ($movement->atBeltPath === null) {
            yield new Question('setup.movement.at_belt_path', Station::Measure);
        }
        $tries = [
            // direction  measured          felt
            'side'  => [$movement->side,  $movement->sideFelt],
            'front' => [$movement->front, $movement->frontFelt],
            'up'    => [$movement->up,    $movement->upFelt],
        ];
        $limit = MovementLimit::of($s);
        foreach ($limit->missing as $path) {
            yield new Question($path, Station::Measure);
        }
        foreach ($tries as $direction => [$moved, $felt]) {
            if ($moved !== null) {
                yield from self::moved($direction, $moved, $limit);
            } elseif ($felt === Felt::More) {
                yield self::feltLoose($direction, $limit->bound);
            } elseif ($felt === null && $direction !== 'up') {
                yield new Question("setup.movement.{$direction}", Station::Measure);
            }
        }
        if ($s->setup()->tether->used === true && $movement->tetherLoose === false) {
            yield new Finding(
                Code::of('measure.tether_masked'),
                Severity::Ask,
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @return iterable<Finding> */
    private static function moved(string $direction, Length $moved, FigureInUse $figure): iterable
    {
        $broken = $figure->brokenBy($moved);
        $bound = $figure->bound;
        if ($broken !== null) {
            yield self::finding(Code::of('measure.loose'), Severity::Fix, $direction, $moved, $broken);
        } elseif ($bound !== null && $bound->inclusive && ! $bound->value->minus($moved)->isMoreThan(Length::of(self::NEAR_MM))) {
            yield self::finding(Code::of('measure.at_limit'), Severity::Advise, $direction, $moved, $bound);
        }
    }

    private static function feltLoose(string $direction, ?Bound $bound): Finding
    {
        return new Finding(
            Code::of('measure.loose'),
            Severity::Fix,
            variant: 'felt',
            with: [
                'way' => $direction,
                'limit' => $bound?->value,
                'known' => $bound === null ? 'no' : ($bound->inclusive ? 'inclusive' : 'below'),
            ],
            subject: $direction,
            observed: Felt::More->value,
            limit: $bound?->value,
            from: $bound->from ?? 'seat',
            sources: $bound->sources ?? [Source::SeatManual->cite()],
        );
    }

    private static function finding(
        Code $code,
        Severity $severity,
        string $direction,
        Length $moved,
        Bound $bound,
    ): Finding {
        return new Finding(
            $code,
            $severity,
            with: [
                'moved' => new Beside($moved, $bound->value),
                'way' => $direction,
                'limit' => $bound->value,
                'inclusive' => $bound->inclusive,
            ],
            subject: $direction,
            observed: $moved,
            limit: $bound->value,
            from: $bound->from,
            sources: $bound->sources,
        );
    }
}
