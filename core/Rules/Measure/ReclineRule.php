<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Indicator;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Fit\ZoneFit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Truth\Truth;

/** Does a rear-facing seat lie as its indicator or its maker's angle asks, on level ground? */
final readonly class ReclineRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('measure.too_upright'),
                [Severity::Fix],
                mendedBy: ['setup.indicator', 'setup.angle', 'setup.recline_setting'],
                ownFigures: ['seat.modes.*.angle_min'],
            ),
            new Finds(
                Code::of('measure.too_flat'),
                [Severity::Fix],
                mendedBy: ['setup.indicator', 'setup.angle', 'setup.recline_setting'],
                ownFigures: ['seat.modes.*.angle_max'],
            ),
            new Finds(Code::of('measure.not_level'), [Severity::Ask], mendedBy: ['setup.level_ground']),
            new Finds(Code::of('measure.zone'), [Severity::Fix], mendedBy: ['setup.zone']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $setup = $s->setup();
        $mode = $s->modeRules;
        if (! $s->isRear()) {
            return;
        }
        $hasRange = ReclineReading::of($s)->mayHaveRange;
        $read = $setup->indicator !== null || $setup->angle !== null || $setup->zone !== null;
        if ($read && $setup->levelGround !== true) {
            yield new Finding(
                Code::of('measure.not_level'),
                Severity::Ask,
                sources: [Source::Common->cite()],
            );
        }
        if ($setup->levelGround === null) {
            yield new Question('setup.level_ground', Station::Measure);
        }
        if ($mode?->zones !== null && $mode->zones !== [] && $setup->zone === null) {
            yield new Question('setup.zone', Station::Measure);
        }
        if ($setup->indicator === null && $setup->angle === null) {
            yield new Question($hasRange ? 'setup.angle' : 'setup.indicator', Station::Measure);
        }
        if ($setup->indicator === null && $setup->angle !== null && ! $hasRange) {
            yield new Question('setup.indicator', Station::Measure);
        }
        if ($setup->levelGround === true) {
            yield from self::lies($s);
            yield from self::zone($s);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function lies(AssessmentContext $s): iterable
    {
        $reading = ReclineReading::of($s);
        foreach ($reading->missing as $path) {
            yield new Question($path, Station::Measure);
        }
        if ($reading->isTooUpright()) {
            $fault = $reading->tooUprightIsFault($s);
            if ($fault === Truth::Unknown) {
                yield new Question('child.sits_unaided', Station::Measure);
            } elseif ($fault === Truth::Yes) {
                yield self::finding(
                    Code::of('measure.too_upright'),
                    $s->seat?->wedgeOk === true ? 'wedge' : 'own',
                    $reading->uprightByIndicator,
                    $reading->angle,
                    $reading->brokenMin,
                );
            }
        }
        if ($reading->isTooFlat()) {
            yield self::finding(
                Code::of('measure.too_flat'),
                null,
                $reading->flatByIndicator,
                $reading->angle,
                $reading->brokenMax,
            );
        }
    }

    /** @param Bound|null $broken the seat's own angle that is broken; null where the indicator alone speaks */
    private static function finding(
        Code $code,
        ?string $mend,
        bool $byIndicator,
        ?Angle $angle,
        ?Bound $broken,
    ): Finding {
        $measured = $angle !== null && $broken !== null;

        return new Finding(
            $code,
            Severity::Fix,
            mend: $mend,
            with: [
                'angle' => $angle === null || $broken === null ? null : new Beside($angle, $broken->value),
                'limit' => $angle === null ? null : $broken?->value,
                'seen' => match (true) {
                    ! $measured => 'indicator',
                    $byIndicator => 'both',
                    default => 'angle',
                },
            ],
            observed: $measured
                ? $angle
                : ($code === Code::of('measure.too_upright') ? Indicator::TooUpright->value : Indicator::TooFlat->value),
            limit: $broken?->value,
            from: 'seat',
            sources: [Source::SeatManual->cite()],
        );
    }

    /** @return iterable<Finding|Question> */
    private static function zone(AssessmentContext $s): iterable
    {
        $zone = array_values(array_filter(
            $s->modeRules->zones ?? [],
            static fn(Zone $z): bool => $z->name === $s->setup()->zone,
        ))[0] ?? null;
        if ($zone === null) {
            return;
        }
        $meant = ZoneFit::of($zone, $s);
        if ($meant->breaks !== []) {
            yield new Finding(
                Code::of('measure.zone'),
                Severity::Fix,
                with: ['zone' => $zone->name, 'breaks' => Listing::clauses($meant->breaks)],
                subject: $zone->name,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
        foreach ($meant->breaks === [] ? $meant->missing : [] as $path) {
            yield new Question($path, Station::Measure);
        }
    }
}
