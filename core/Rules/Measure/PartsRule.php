<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Are the parts that this mode needs on, those it forbids off, the foot and the side pods as they must be? */
final readonly class PartsRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('measure.foot_position'), [Severity::Fix], mendedBy: ['setup.foot']),
            new Finds(Code::of('measure.part_required'), [Severity::Fix], mendedBy: ['setup.parts_fitted']),
            new Finds(Code::of('measure.part_forbidden'), [Severity::Fix], mendedBy: ['setup.parts_fitted']),
            new Finds(Code::of('measure.side_pod'), [Severity::Fix], mendedBy: ['setup.side_pod']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->case->setup === null || $s->seat === null) {
            return;
        }
        if ($s->modeRules !== null) {
            yield from self::foot($s, $s->modeRules);
            yield from self::parts($s, $s->modeRules);
        }
        yield from self::sidePod($s);
    }

    /** @return iterable<Finding|Question> */
    private static function foot(AssessmentContext $s, Mode $mode): iterable
    {
        $foot = $s->setup()->foot;
        if ($mode->foot !== null && $foot === null) {
            yield new Question('setup.foot', Station::Measure);
        } elseif ($mode->foot !== null && $foot !== $mode->foot) {
            yield new Finding(
                Code::of('measure.foot_position'),
                Severity::Fix,
                with: ['foot' => $foot, 'needed' => $mode->foot],
                observed: $foot,
                limit: $mode->foot,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function parts(AssessmentContext $s, Mode $mode): iterable
    {
        $fitted = $s->setup()->partsFitted;
        if ($mode->partsRequired === [] && $mode->partsForbidden === []) {
            return;
        }
        if ($fitted === null) {
            yield new Question('setup.parts_fitted', Station::Measure);

            return;
        }
        foreach (array_diff($mode->partsRequired, $fitted) as $part) {
            yield new Finding(
                Code::of('measure.part_required'),
                Severity::Fix,
                with: ['part' => str_replace('_', ' ', $part)],
                subject: $part,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
        foreach (array_intersect($mode->partsForbidden, $fitted) as $part) {
            yield new Finding(
                Code::of('measure.part_forbidden'),
                Severity::Fix,
                with: ['part' => str_replace('_', ' ', $part)],
                subject: $part,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function sidePod(AssessmentContext $s): iterable
    {
        $must = $s->sidePodWanted();
        $out = $s->setup()->sidePod;
        if ($must === null) {
            return;
        }
        if ($out === null) {
            yield new Question('setup.side_pod', Station::Measure);
        } elseif ($out !== $must) {
            yield new Finding(
                Code::of('measure.side_pod'),
                Severity::Fix,
                with: ['wanted' => $must],
                observed: $out->value,
                limit: $must->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
