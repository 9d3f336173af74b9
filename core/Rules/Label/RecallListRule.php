<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is the recall list fresh enough to lean on? */
final readonly class RecallListRule implements Rule
{
    /** Common practice: a list older than this is stale. */
    public const FRESH_DAYS = 30;

    public function finds(): array
    {
        return [
            new Finds(Code::of('recall.list_stale'), [Severity::Ask], figures: ['days' => self::FRESH_DAYS]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null) {
            return;
        }
        $dated = $s->case->recallList?->dated;
        if ($dated === null) {
            yield new Question($s->case->recallList === null ? 'recall_list' : 'recall_list.dated', Station::Label, Severity::Stop);
            yield self::stale('none', [], null);

            return;
        }
        if ($s->case->recallList->campaigns === null) {
            yield new Question('recall_list.campaigns', Station::Label, Severity::Stop);
        }
        $age = $dated->daysUntil($s->case->today);
        if ($age > self::FRESH_DAYS) {
            yield self::stale(null, ['dated' => $dated, 'age' => $age, 'fresh' => self::FRESH_DAYS], (string) $dated);
        }
    }

    /** @param array<string, CalendarDate|int> $with */
    private static function stale(?string $variant, array $with, ?string $observed): Finding
    {
        return new Finding(
            Code::of('recall.list_stale'),
            Severity::Ask,
            variant: $variant,
            with: $with,
            observed: $observed,
            limit: self::FRESH_DAYS . ' days',
            sources: [Source::Common->cite()],
        );
    }
}
