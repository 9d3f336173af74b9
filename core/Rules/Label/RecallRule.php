<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

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
        $list = $answer->listDated === null ? 'a list without a date' : "the list of {$answer->listDated->show()}";
        foreach ($answer->having(Truth::Yes) as $match) {
            yield self::affected($match->campaign, $list);
        }
        foreach ($answer->having(Truth::Unknown) as $match) {
            yield self::possible($match->campaign, $list);
            foreach ($s->seat->labelReadable === false ? [] : $match->missing as $path) {
                yield new Question($path, Station::Label, $match->campaign->advice === Advice::StopUse ? Severity::Stop : Severity::Advise);
            }
        }
    }

    private static function affected(Campaign $campaign, string $list): Finding
    {
        $stop = $campaign->advice === Advice::StopUse;

        return new Finding(
            Code::of('recall.affected'),
            $stop ? Severity::Stop : Severity::Advise,
            "Recall {$campaign->id} covers this seat ({$list})" . self::defect($campaign) . '.',
            (
                $stop ? 'Do not use it until the maker has put it right' : 'It may be used until the maker has put it right'
            ) . ($campaign->remedy === null ? '.' : ": {$campaign->remedy}."),
            subject: $campaign->id,
            sources: [Source::RecallList->cite($campaign->id)],
        );
    }

    private static function possible(Campaign $campaign, string $list): Finding
    {
        return new Finding(
            Code::of('recall.possible'),
            Severity::Ask,
            "Recall {$campaign->id} may cover this seat ({$list})" . self::defect($campaign) . '.',
            'Read the missing part of the label, or ask the maker with the serial number.',
            subject: $campaign->id,
            sources: [Source::RecallList->cite($campaign->id)],
        );
    }

    private static function defect(Campaign $campaign): string
    {
        return $campaign->defect === null ? '' : ": {$campaign->defect}";
    }
}
