<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\SeatingPosition;

/**
 * What can only be told once everybody sits: whether a better place stays free, whose bars are wanted twice, whether the third row can be
 * reached. Sets of places are bits.
 */
final readonly class WholeCar
{
    /**
     * @param list<int> $rows by place
     * @param int $doors places beside a door of the second row that nobody else has
     */
    private function __construct(private array $rows, private int $doors, private int $thirdRow, private bool $thirdRowTaken) {}

    /** @param list<SeatingPosition> $positions */
    public static function of(array $positions): self
    {
        return new self(
            array_map(static fn(SeatingPosition $p): int => $p->row(), $positions),
            self::bits($positions, static fn(SeatingPosition $p): bool => $p->row() === 2 && ! $p->isCentre() && $p->taken !== true),
            self::bits($positions, static fn(SeatingPosition $p): bool => $p->row() === 3),
            array_filter($positions, static fn(SeatingPosition $p): bool => $p->row() === 3 && $p->taken === true) !== [],
        );
    }

    /**
     * @param int $used places that are used
     * @param int $mustBeTaken places of which none may stay free
     * @param array<int, PlaceOption> $chosen
     */
    public function allows(int $used, int $mustBeTaken, array $chosen): bool
    {
        return ($mustBeTaken & ~$used) === 0 && ! $this->barsAreWantedTwice($chosen);
    }

    /** Somebody in the third row needs a door of the second that no seat bars. */
    public function thirdRowIsOpen(int $used): bool
    {
        return (! $this->thirdRowTaken && ($used & $this->thirdRow) === 0) || ($this->doors & ~$used) !== 0;
    }

    /**
     * The middle borrows the inner bar of either side: no seat beside it may hang on them.
     *
     * @param array<int, PlaceOption> $chosen
     */
    private function barsAreWantedTwice(array $chosen): bool
    {
        foreach ($chosen as $option) {
            if ($option->borrowed) {
                return array_filter(
                    $chosen,
                    fn(PlaceOption $o): bool => $o !== $option
                        && $o->usesAnchors()
                        && $this->rows[$o->place] === $this->rows[$option->place],
                ) !== [];
            }
        }

        return false;
    }

    /**
     * @param list<SeatingPosition> $positions
     * @param callable(SeatingPosition): bool $counts
     */
    private static function bits(array $positions, callable $counts): int
    {
        return (int) array_sum(array_map(static fn(int $i): int => $counts($positions[$i]) ? 1 << $i : 0, array_keys($positions)));
    }
}
