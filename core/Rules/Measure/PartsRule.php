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
    private const PODS = [
        'door_side' => 'Put out the one on the door side, and only that.',
        'both' => 'Put out both.',
        'none' => 'Fold both in: at this place none may be out.',
    ];

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
                "The foot of the base is {$foot}; this mode needs it {$mode->foot}.",
                'Set the foot as this mode needs it.',
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
                'This mode needs the ' . self::words($part) . ', and it is not on.',
                'Fit the ' . self::words($part) . '.',
                $part,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
        foreach (array_intersect($mode->partsForbidden, $fitted) as $part) {
            yield new Finding(
                Code::of('measure.part_forbidden'),
                Severity::Fix,
                'The ' . self::words($part) . ' is on, and this mode forbids it.',
                'Take the ' . self::words($part) . ' off.',
                $part,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }

    private static function words(string $part): string
    {
        return str_replace('_', ' ', $part);
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
                'The side pods are not out as the maker asks for this place.',
                self::PODS[$must->value],
                observed: $out->value,
                limit: $must->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
