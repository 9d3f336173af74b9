<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Advice;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Recall\RecallAnswer;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Does a recall cover this seat, and is it shown as remedied? */
final readonly class RecallRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('recall.affected'), [Severity::Stop, Severity::Advise], mendedBy: ['seat.remedied']),
            new Finds(Code::of('recall.possible'), [Severity::Ask], mendedBy: ['seat.made_on', 'seat.model', 'seat.serial']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null) {
            return;
        }
        $answer = RecallAnswer::of($s->case->recallList, $s->seat);
        foreach ($answer->having(Truth::Yes) as $match) {
            yield self::affected($match->campaign, $answer->listDated);
        }
        foreach ($answer->having(Truth::Unknown) as $match) {
            yield self::possible($match->campaign, $answer->listDated);
            foreach ($s->seat->labelReadable === false ? [] : $match->missing as $path) {
                yield new Question($path, Station::Label, $match->campaign->advice === Advice::StopUse ? Severity::Stop : Severity::Advise);
            }
        }
    }

    private static function affected(Campaign $campaign, ?CalendarDate $dated): Finding
    {
        $stop = $campaign->advice === Advice::StopUse;

        return new Finding(
            Code::of('recall.affected'),
            $stop ? Severity::Stop : Severity::Advise,
            with: self::told($campaign, $dated),
            subject: $campaign->id,
            sources: [Source::RecallList->cite($campaign->id)],
        );
    }

    private static function possible(Campaign $campaign, ?CalendarDate $dated): Finding
    {
        return new Finding(
            Code::of('recall.possible'),
            Severity::Ask,
            with: self::told($campaign, $dated),
            subject: $campaign->id,
            sources: [Source::RecallList->cite($campaign->id)],
        );
    }

    /** @return array<string, CalendarDate|Advice|string|bool|null> */
    private static function told(Campaign $campaign, ?CalendarDate $dated): array
    {
        return [
            'campaign' => $campaign->id,
            'dated' => $dated,
            'has_date' => $dated !== null,
            'defect' => $campaign->defect,
            'has_defect' => $campaign->defect !== null,
            'advice' => $campaign->advice,
            'cure' => $campaign->remedy,
            'has_cure' => $campaign->remedy !== null,
        ];
    }
}
