<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ResolvedLimit;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Does enough of the base stand on the cushion? */
final readonly class OverhangRule implements Rule
{
    /** Of the base's length, where the seat gives no figure; common practice. */
    private const LEAST_SHARE = '0.8';

    private const REMEDY = 'Move the seat back, choose a deeper place, or another seat.';

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('measure.overhang'),
                [Severity::Fix],
                mendedBy: ['setup.overhang', 'setup.base_on_cushion'],
                ownFigures: ['seat.overhang_max'],
                figures: ['share' => self::percent(BigRational::of(self::LEAST_SHARE))],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null || ! ($s->isHarness() || $s->isBooster())) {
            return;
        }
        $own = $s->seat->overhangMax?->asMaximum($s->seat->madeOn, $s->heldForLimits());
        yield from $own === null || $own->isAbsent() ? self::share($s) : self::figure($s, $own);
    }

    /** @return iterable<Finding|Question> */
    private static function figure(AssessmentContext $s, ResolvedLimit $own): iterable
    {
        $overhang = $s->setup()->overhang;
        $broken = $overhang === null ? null : $own->brokenAsMaximum($overhang);
        if ($overhang === null) {
            // A booster's base is judged where it was measured, but never asked for.
            foreach ($s->isHarness() ? [...$own->missing, 'setup.overhang'] : [] as $path) {
                yield new Question($path, Station::Measure);
            }
        } elseif ($broken !== null) {
            yield new Finding(
                Code::of('measure.overhang'),
                Severity::Fix,
                "The base hangs {$overhang->showBeside($broken->value)} over the cushion's edge; the seat allows "
                    . ($broken->below ? 'less than ' : 'at most ') . "{$broken->value->show($overhang->unit)}.",
                self::REMEDY,
                observed: $overhang,
                limit: $broken->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        } else {
            foreach ($own->missing as $path) {
                yield new Question($path, Station::Measure);
            }
        }
    }

    /** @return iterable<Finding|Question> */
    private static function share(AssessmentContext $s): iterable
    {
        $share = self::onCushion($s);
        if ($share === null) {
            yield from $s->isHarness() ? [new Question('setup.base_on_cushion', Station::Measure)] : [];
        } elseif ($share->isLessThan(self::LEAST_SHARE)) {
            yield new Finding(
                Code::of('measure.overhang'),
                Severity::Fix,
                ($share->isZero() ? 'Nothing' : 'Only ' . self::percent($share)) . ' of the base stands on the cushion; '
                    . self::percent(BigRational::of(self::LEAST_SHARE)) . ' is the least.',
                self::REMEDY,
                observed: (string) $share->toScale(4, RoundingMode::DOWN),
                limit: self::LEAST_SHARE,
                sources: [Source::Common->cite()],
            );
        }
    }

    private static function onCushion(AssessmentContext $s): ?BigRational
    {
        $setup = $s->setup();
        $length = $s->seat?->baseLength;

        return match (true) {
            $setup->baseOnCushion !== null => $setup->baseOnCushion->toBigRational(),
            $setup->overhang === null || $length === null || $length->value->isZero() => null,
            $setup->overhang->isMoreThan($length) => BigRational::zero(),
            default => BigRational::of(1)->minus($setup->overhang->base()->toBigRational()->dividedBy($length->base())),
        };
    }

    /** Never rounded up to the limit. */
    private static function percent(BigRational $share): string
    {
        $percent = $share->multipliedBy(100)->toScale(1, RoundingMode::DOWN)->stripTrailingZeros();

        return $percent->isZero() ? 'less than 0.1 %' : $percent->toScale(max(0, $percent->getScale())) . ' %';
    }
}
