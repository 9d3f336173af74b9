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
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\Message;

/** Does enough of the base stand on the cushion? */
final readonly class OverhangRule implements Rule
{
    /** Of the base's length, where the seat gives no figure; common practice. */
    private const LEAST_SHARE = '0.8';

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('measure.overhang'),
                [Severity::Fix],
                mendedBy: ['setup.overhang', 'setup.base_on_cushion'],
                ownFigures: ['seat.overhang_max'],
                figures: ['share' => self::told(BigRational::of(self::LEAST_SHARE))],
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
                with: ['overhang' => new Beside($overhang, $broken->value), 'limit' => $broken->value, 'inclusive' => ! $broken->below],
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
                variant: 'share',
                with: [
                    'none' => $share->isZero(),
                    'share' => self::told($share),
                    'least' => self::told(BigRational::of(self::LEAST_SHARE)),
                ],
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

    /** Of what is left of a base. */
    private static function told(BigRational $share): Message
    {
        $percent = self::percent($share);

        return $percent === '0' ? new Message('telling.share_less', ['n' => '0.1']) : new Message('telling.share', ['n' => $percent]);
    }

    /** Never rounded up to the limit. */
    private static function percent(BigRational $share): string
    {
        $percent = $share->multipliedBy(100)->toScale(1, RoundingMode::DOWN)->stripTrailingZeros();

        return (string) $percent->toScale(max(0, $percent->getScale()));
    }
}
