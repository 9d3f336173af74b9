<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** How far does the seat move at the belt path? */
final readonly class MovementRule implements Rule
{
    /** So near under an inclusive limit it is worth a word; common practice. */
    public const NEAR_MM = 1;

    private const WAYS = ['side' => ' from side to side', 'front' => ' front to back', 'up' => ' up and down'];

    public function codes(): array
    {
        return [Code::MeasureLoose, Code::MeasureAtLimit, Code::MeasureWrongSpot];
    }

    public function judge(Situation $s): iterable
    {
        if (! $s->isHarness() || $s->setup()->heldBy === HeldBy::Nothing) {
            return;
        }
        $movement = $s->setup()->movement;
        if ($movement->atBeltPath === false) {
            yield new Finding(
                Code::MeasureWrongSpot,
                Severity::Ask,
                'The movement was not tried at the belt path; elsewhere a seat is meant to move.',
                'Try again where the belt goes through, with your weaker hand and a handshake\'s force.',
                sources: [Source::common()],
            );

            return;
        }
        if ($movement->atBeltPath === null) {
            yield new Question('setup.movement.at_belt_path', Station::Measure);
        }
        $limit = MovementLimit::of($s);
        foreach ($limit->missing as $path) {
            yield new Question($path, Station::Measure);
        }
        foreach (['side' => $movement->side, 'front' => $movement->front] as $direction => $moved) {
            if ($moved === null) {
                yield new Question("setup.movement.{$direction}", Station::Measure);
            }
        }
        foreach (['side' => $movement->side, 'front' => $movement->front, 'up' => $movement->up] as $direction => $moved) {
            yield from $moved === null ? [] : self::moved($direction, $moved, $limit->bound);
        }
    }

    /** @return iterable<Finding> */
    private static function moved(string $direction, Length $moved, Bound $bound): iterable
    {
        $limit = $bound->value->show($moved->unit);
        if (! $bound->allowsAtMost($moved)) {
            yield self::finding(Code::MeasureLoose, Severity::Fix, 'The seat moves ' . $moved->showBeside($bound->value) . self::WAYS[$direction] . '; ' . ($bound->inclusive ? "no more than {$limit} is allowed." : "it must be less than {$limit}."), 'Tighten it with weight over the belt path, then try again.', $direction, $moved, $bound);
        } elseif ($bound->inclusive && ! $bound->value->minus($moved)->isMoreThan(Length::of(self::NEAR_MM))) {
            yield self::finding(Code::MeasureAtLimit, Severity::Advise, "The seat moves {$moved->showBeside($bound->value)}" . self::WAYS[$direction] . ", just within the limit of {$limit}.", 'Less is better: many would tighten it once more.', $direction, $moved, $bound);
        }
    }

    private static function finding(Code $code, Severity $severity, string $message, string $remedy, string $direction, Length $moved, Bound $bound): Finding
    {
        return new Finding($code, $severity, $message, $remedy, $direction, $moved, $bound->value, $bound->from, $bound->sources);
    }
}
