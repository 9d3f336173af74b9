<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

/** What is done with dice. */
final readonly class Throws
{
    public function __construct(private Dice $dice) {}

    /**
     * @template T
     * @param non-empty-list<T> $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->dice->below(count($of))];
    }

    /** One time in so many. */
    public function rarely(int $times): bool
    {
        return $this->dice->below(max(1, $times)) === 0;
    }

    /**
     * @template T
     * @param list<T> $list
     * @return list<T> in another order
     */
    public function mixed(array $list): array
    {
        for ($last = count($list) - 1; $last > 0; $last--) {
            $with = $this->dice->below($last + 1);
            [$list[$last], $list[$with]] = [$list[$with], $list[$last]];
        }

        return array_values($list);
    }

    /**
     * @param non-empty-array<string, int> $weights what => how often beside the others, at least 1
     * @return string one of them, as often as it weighs
     */
    public function weighted(array $weights): string
    {
        $at = $this->dice->below(max(1, array_sum($weights)));
        foreach ($weights as $what => $weight) {
            $at -= $weight;
            if ($at < 0) {
                return (string) $what;
            }
        }

        return (string) array_key_last($weights);
    }
}
