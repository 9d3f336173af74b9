<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Practice\Convention;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Mass;

/** The limits of the practices, and the conventions of the label standards, side by side: read from the values that the rules use. */
final readonly class LimitTable
{
    /**
     * @param list<string> $columns
     * @param list<array{string, list<string>, string}> $rows parameter, a value a column, mark
     */
    private function __construct(public array $columns, public array $rows) {}

    public static function practices(): self
    {
        $all = array_map(RegionalPractice::of(...), PracticeCode::cases());

        return new self(array_map(static fn(PracticeCode $p): string => $p->value, PracticeCode::cases()), [
            self::row(
                $all,
                'Movement allowed at the belt path',
                static fn(RegionalPractice $p): string => self::bound($p->movement),
                self::mark(array_merge(...array_map(static fn(RegionalPractice $p): array => $p->movement->sources, $all))),
            ),
            self::row(
                $all,
                'Locking clip, distance from the latch plate',
                static fn(RegionalPractice $p): string => self::bound($p->clipDistance),
                self::mark(array_merge(...array_map(static fn(RegionalPractice $p): array => $p->clipDistance->sources, $all))),
            ),
            self::row(
                $all,
                'Lower anchors, child and seat together, forward-facing, when the label gives no figure',
                static fn(RegionalPractice $p): string => self::together($p->anchorsForward),
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'Lower anchors, child and seat together, rear-facing, when the label gives no figure',
                static fn(RegionalPractice $p): string => self::together($p->anchorsRear),
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'These hold for seats made from',
                static fn(RegionalPractice $p): string => $p->anchorsMadeFrom?->show() ?? 'does not apply',
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'Forward harness without a tether anchor',
                static fn(RegionalPractice $p): string => $p->forwardWithoutTether ? 'only if the seat\'s maker says so' : 'never',
                'C',
            ),
            self::row(
                $all,
                'Booster not before',
                static fn(RegionalPractice $p): string => $p->boosterFrom->show() . (
                    $p->boosterWeight === null ? '' : " and {$p->boosterWeight->show()}"
                ),
                'C',
            ),
            self::row(
                $all,
                'Accepted standards on the label',
                static fn(RegionalPractice $p): string => implode(
                    ', ',
                    array_map(static fn(Standard $s): string => $s->title(), $p->accepted),
                ),
                self::mark([Source::AcceptedStandards->cite()]),
            ),
        ]);
    }

    public static function conventions(): self
    {
        $all = array_map(Convention::of(...), Standard::cases());
        $mark = self::mark(array_map(static fn(Convention $c): Citation => $c->source, $all));

        return new self(array_map(static fn(Standard $s): string => $s->title(), Standard::cases()), [
            self::row(
                $all,
                'Shoulder straps leave the seat, rear-facing',
                static fn(Convention $c): string => self::straps($c->rearStraps),
                $mark . '; schools differ',
            ),
            self::row(
                $all,
                'Shoulder straps leave the seat, forward-facing',
                static fn(Convention $c): string => self::straps($c->forwardStraps),
                $mark,
            ),
            self::row(
                $all,
                'Strap tightness test',
                static fn(Convention $c): string => $c->tightness === TightnessTest::Pinch
                    ? 'pinch: no webbing can be pinched lengthwise'
                    : 'one finger between strap and child, not two',
                $mark . '; schools differ',
            ),
            self::row(
                $all,
                'Chest clip',
                static fn(Convention $c): string => $c->chestClip ? 'has one, level with the armpits' : 'none',
                $mark,
            ),
            self::row(
                $all,
                'Tether, rear-facing',
                static fn(Convention $c): string => $c->rearTetherAlways
                    ? 'always, unless the seat forbids it'
                    : 'only if the seat requires it',
                $mark,
            ),
        ]);
    }

    /**
     * @template T
     * @param list<T> $all
     * @param callable(T): string $value
     * @return array{string, list<string>, string}
     */
    private static function row(array $all, string $title, callable $value, string $mark): array
    {
        return [$title, array_map($value, $all), $mark];
    }

    /** @param list<Citation> $sources */
    private static function mark(array $sources): string
    {
        return implode('; ', array_unique(array_map(static fn(Citation $source): string => $source->marked(), $sources)));
    }

    private static function bound(Bound $bound): string
    {
        return ($bound->inclusive ? 'at most ' : 'less than ') . $bound->value->show();
    }

    private static function together(?Mass $mass): string
    {
        return $mass === null ? 'the label only' : "at most {$mass->show()}";
    }

    private static function straps(StrapRule $rule): string
    {
        return match ($rule) {
            StrapRule::AtOrBelow => 'at or below the shoulder',
            StrapRule::AtOrAbove => 'at or above the shoulder',
            StrapRule::LevelTo25Above => 'level to 25 mm above',
        };
    }
}
