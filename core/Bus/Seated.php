<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** A plan as far as a row: what each row carries and who of each crowd rides there. */
final readonly class Seated
{
    /** Plans that are kept of each state: the best ten overall are wanted. */
    private const KEPT = 10;

    /**
     * @param int $cost spans of the stops, then pairs that board in the wrong order
     * @param int $rest what the stops that have begun must still cost
     * @param array<int, int> $left crowd => riders still to be seated
     * @param array<int, int> $placed stop => riders seated so far
     * @param array<int, int> $picks crowd => how many of it ride in the last row
     */
    public function __construct(
        public int $cost,
        public int $rest,
        public array $left,
        public array $placed,
        public ?self $before,
        public ?RowChoice $choice,
        public array $picks,
    ) {}

    /** The same row after another plan with the same riders left. */
    public function costing(int $cost, self $before): self
    {
        return $before === $this->before
            ? $this
            : new self($cost, $this->rest, $this->left, $this->placed, $before, $this->choice, $this->picks);
    }

    /**
     * The best plans of a state, with those that come to it anew.
     *
     * @param list<Seated> $known
     * @param list<Seated> $all with the same riders left, best first
     * @param Seated $after the first of them, a row further
     * @return list<Seated>
     */
    public static function bestOf(array $known, array $all, Seated $after, ?int $atMost): array
    {
        foreach ($all as $seated) {
            $cost = $seated->cost + $after->cost - $all[0]->cost;
            $isFull = count($known) === self::KEPT;
            if (($atMost !== null && $cost + $after->rest > $atMost) || ($isFull && $cost >= $known[self::KEPT - 1]->cost)) {
                break;
            }
            $at = count($known);
            while ($at > 0 && $known[$at - 1]->cost > $cost) {
                $at--;
            }
            array_splice($known, $at, 0, [$after->costing($cost, $seated)]);
            $known = array_slice($known, 0, self::KEPT);
        }

        return $known;
    }

    /**
     * Of the states of a row those that cost the least.
     *
     * @param array<string, array<string, list<Seated>>> $states
     * @return array<string, array<string, list<Seated>>>
     */
    public static function cheapest(array $states, int $most): array
    {
        $costs = [];
        foreach ($states as $skeleton => $byLeft) {
            foreach ($byLeft as $left => $all) {
                $costs[] = [$all[0]->cost + $all[0]->rest, $skeleton, $left];
            }
        }
        if (count($costs) <= $most) {
            return $states;
        }
        sort($costs);
        $kept = [];
        foreach (array_slice($costs, 0, $most) as [, $skeleton, $left]) {
            $kept[$skeleton][$left] = $states[$skeleton][$left];
        }

        return $kept;
    }
}
