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

/** How far does the seat move at the belt path? */
final readonly class MovementRule implements Rule
{
    /** So near under an inclusive limit it is worth a word; common practice. */
    public const NEAR_MM = 1;

    private const WAYS = ['side' => ' from side to side', 'front' => ' front to back', 'up' => ' up and down'];

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
                figures: ['near' => Length::of(self::NEAR_MM)->show()],
            ),
            new Finds(Code::of('measure.tether_masked'), [Severity::Ask], mendedBy: ['setup.movement.tether_loose']),
            new Finds(Code::of('measure.wrong_spot'), [Severity::Ask], mendedBy: ['setup.movement.at_belt_path']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness() || $s->setup()->heldBy === HeldBy::Nothing) {
            return;
        }
        $movement = $s->setup()->movement;
        if ($movement->atBeltPath === false) {
            yield new Finding(
                Code::of('measure.wrong_spot'),
                Severity::Ask,
                'The movement was not tried at the belt path; elsewhere a seat is meant to move.',
                'Try again where the belt goes through, with your weaker hand and a handshake\'s force.',
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
                'The movement was tried with the tether tight only; a tight tether can hide a loose seat.',
                'Loosen the tether, try again at the belt path, then take it up again.',
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
            $limit = $broken->value->show($moved->unit);
            yield self::finding(
                Code::of('measure.loose'),
                Severity::Fix,
                'The seat moves ' . $moved->showBeside($broken->value) . self::WAYS[$direction] . '; ' . (
                    $broken->inclusive ? "no more than {$limit} is allowed." : "it must be less than {$limit}."
                ),
                'Tighten it with weight over the belt path, then try again.',
                $direction,
                $moved,
                $broken,
            );
        } elseif ($bound !== null && $bound->inclusive && ! $bound->value->minus($moved)->isMoreThan(Length::of(self::NEAR_MM))) {
            yield self::finding(
                Code::of('measure.at_limit'),
                Severity::Advise,
                "The seat moves {$moved->showBeside($bound->value)}" . self::WAYS[$direction]
                    . ", just within the limit of {$bound->value->show($moved->unit)}.",
                'Less is better: many would tighten it once more.',
                $direction,
                $moved,
                $bound,
            );
        }
    }

    private static function feltLoose(string $direction, ?Bound $bound): Finding
    {
        $limit = match (true) {
            $bound === null => '',
            $bound->inclusive => " of {$bound->value->show()}",
            default => ", less than {$bound->value->show()}",
        };

        return new Finding(
            Code::of('measure.loose'),
            Severity::Fix,
            'By the feel of it the seat moves more than the limit' . $limit . self::WAYS[$direction] . '.',
            'Tighten it with weight over the belt path, then try again.',
            $direction,
            Felt::More->value,
            $bound?->value,
            $bound->from ?? 'seat',
            $bound->sources ?? [Source::SeatManual->cite()],
        );
    }

    private static function finding(
        Code $code,
        Severity $severity,
        string $message,
        string $remedy,
        string $direction,
        Length $moved,
        Bound $bound,
    ): Finding {
        return new Finding($code, $severity, $message, $remedy, $direction, $moved, $bound->value, $bound->from, $bound->sources);
    }
}
