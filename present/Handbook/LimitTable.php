<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Practice\Convention;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** The limits of the practices, and the conventions of the label standards, side by side: read from the values that the rules use. */
final readonly class LimitTable
{
    /**
     * @param list<Message|string> $columns
     * @param list<array{Message, list<Message|Listing>, Message|Listing|string}> $rows parameter, a value a column, mark
     */
    private function __construct(public array $columns, public array $rows) {}

    public static function practices(): self
    {
        $all = array_map(RegionalPractice::of(...), PracticeCode::cases());

        $practices = array_map(static fn(PracticeCode $p): Message => new Message("limits.practices.{$p->value}"), PracticeCode::cases());

        return new self($practices, [
            self::row(
                $all,
                'movement',
                static fn(RegionalPractice $p): Message => self::bound($p->movement),
                self::mark(array_merge(...array_map(static fn(RegionalPractice $p): array => $p->movement->sources, $all))),
            ),
            self::row(
                $all,
                'clip',
                static fn(RegionalPractice $p): Message => self::bound($p->clipDistance),
                self::mark(array_merge(...array_map(static fn(RegionalPractice $p): array => $p->clipDistance->sources, $all))),
            ),
            self::row(
                $all,
                'anchors_forward',
                static fn(RegionalPractice $p): Message => self::together($p->anchorsForward),
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'anchors_rear',
                static fn(RegionalPractice $p): Message => self::together($p->anchorsRear),
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'made_from',
                static fn(RegionalPractice $p): Message => new Message('limits.values.made_from', [
                    'known' => $p->anchorsMadeFrom !== null,
                    'day' => $p->anchorsMadeFrom,
                ]),
                self::mark([RegionalPractice::anchorsSource()]),
            ),
            self::row(
                $all,
                'no_tether',
                static fn(RegionalPractice $p): Message => new Message('limits.values.no_tether', [
                    'allowed' => $p->forwardWithoutTether,
                ]),
                'C',
            ),
            self::row(
                $all,
                'booster',
                static fn(RegionalPractice $p): Message => new Message('limits.values.booster', [
                    'from' => $p->boosterFrom,
                    'weight' => $p->boosterWeight,
                    'heavy' => $p->boosterWeight !== null,
                ]),
                'C',
            ),
            self::row(
                $all,
                'accepted',
                static fn(RegionalPractice $p): Listing => Listing::names(
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
                'rear_straps',
                static fn(Convention $c): Message => self::straps($c->rearStraps),
                $mark,
                differ: true,
            ),
            self::row(
                $all,
                'forward_straps',
                static fn(Convention $c): Message => self::straps($c->forwardStraps),
                $mark,
            ),
            self::row(
                $all,
                'tightness',
                static fn(Convention $c): Message => new Message('limits.values.tightness', ['test' => $c->tightness]),
                $mark,
                differ: true,
            ),
            self::row(
                $all,
                'chest_clip',
                static fn(Convention $c): Message => new Message('limits.values.chest_clip', ['has' => $c->chestClip]),
                $mark,
            ),
            self::row(
                $all,
                'rear_tether',
                static fn(Convention $c): Message => new Message('limits.values.rear_tether', ['always' => $c->rearTetherAlways]),
                $mark,
            ),
        ]);
    }

    /**
     * @template T
     * @param list<T> $all
     * @param callable(T): (Message|Listing) $value
     * @return array{Message, list<Message|Listing>, Message|Listing|string}
     */
    private static function row(array $all, string $title, callable $value, Listing|string $mark, bool $differ = false): array
    {
        return [
            new Message("limits.rows.{$title}"),
            array_map($value, $all),
            $differ ? new Message('limits.differ', ['mark' => $mark]) : $mark,
        ];
    }

    /** @param list<Citation> $sources */
    private static function mark(array $sources): Listing
    {
        return Listing::clauses(array_values(array_unique(
            array_map(static fn(Citation $source): Message|string => $source->marked(), $sources),
            SORT_REGULAR,
        )));
    }

    private static function bound(Bound $bound): Message
    {
        return new Message('limits.values.bound', ['limit' => $bound->value, 'inclusive' => $bound->inclusive]);
    }

    private static function together(?Mass $mass): Message
    {
        return new Message('limits.values.together', ['limit' => $mass, 'known' => $mass !== null]);
    }

    private static function straps(StrapRule $rule): Message
    {
        return new Message('limits.values.straps', ['rule' => $rule]);
    }
}
