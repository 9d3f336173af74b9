<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\History;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\MissingPart;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is the seat whole? One finding a damage and one a missing part. */
final readonly class ConditionRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('condition.damage'), [Severity::Stop], mendedBy: ['seat.history.damage']),
            new Finds(Code::of('condition.part_missing'), [Severity::Stop], mendedBy: ['seat.history.parts_missing']),
            new Finds(Code::of('condition.part_missing_minor'), [Severity::Advise], mendedBy: ['seat.history.parts_missing']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $history = $s->seat?->history;
        if ($history === null) {
            return;
        }
        if ($history->damage === null) {
            yield new Question('seat.history.damage', Station::History, Severity::Stop);
        }
        foreach ($history->damage ?? [] as $damage) {
            yield new Finding(
                Code::of('condition.damage'),
                Severity::Stop,
                with: ['damage' => $damage],
                subject: $damage,
                sources: [Source::Common->cite()],
            );
        }
        if ($history->partsMissing === null) {
            yield new Question('seat.history.parts_missing', Station::History, Severity::Stop);
        }
        foreach ($history->partsMissing ?? [] as $index => $part) {
            yield $part->essential === null
                ? new Question("seat.history.parts_missing.{$index}.essential", Station::History, Severity::Stop)
                : self::missing($part);
        }
    }

    private static function missing(MissingPart $part): Finding
    {
        return $part->essential === true
            ? new Finding(
                Code::of('condition.part_missing'),
                Severity::Stop,
                with: ['part' => $part->name],
                subject: $part->name,
                sources: [Source::Common->cite()],
            )
            : new Finding(
                Code::of('condition.part_missing_minor'),
                Severity::Advise,
                with: ['part' => $part->name],
                subject: $part->name,
                sources: [Source::Common->cite()],
            );
    }
}
