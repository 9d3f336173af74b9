<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Drill\GoodScene;
use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Telling\Message;

/** The steps of an installation card, mixed: to be laid in order, all of them. */
final readonly class StepOrder
{
    private const FEWEST = 4;

    /**
     * @param string $seat maker and model
     * @param Message|null $mode how it rides
     * @param list<CardStep> $steps in the card's order
     * @param list<int> $mixed the same by number from 0, as they are shown
     */
    private function __construct(public string $seat, public ?Message $mode, public array $steps, public array $mixed) {}

    /** @return self|null null where the set-up's card has too few steps, or one twice, which nobody could tell apart */
    public static function make(GoodScene $scenes, Throws $throws): ?self
    {
        $scene = $scenes->make();
        $steps = $scene?->assessment->computed()->card ?? [];
        $codes = array_map(static fn(CardStep $step): string => $step->code->value, $steps);
        if ($scene === null || count($steps) < self::FEWEST || count(array_unique($codes)) < count($codes)) {
            return null;
        }
        $s = $scene->assessment->situation;

        return new self(
            trim("{$s->seat?->maker} {$s->seat?->model}"),
            $s->mode?->told(),
            $steps,
            $throws->mixed(array_keys($steps)),
        );
    }

    /**
     * Which steps lie out of place: as few as possible, so that one step laid too early does not make all after it wrong.
     *
     * @param list<int> $laid steps by number, in the order in which they were laid
     * @return list<int> those that must move; what is left of the order is right
     */
    public static function outOfPlace(array $laid): array
    {
        /** @var list<list<int>> $runs the longest right order that ends with each step */
        $runs = [];
        foreach ($laid as $at => $step) {
            $best = [];
            foreach ($runs as $before => $run) {
                $best = $laid[$before] < $step && count($run) > count($best) ? $run : $best;
            }
            $runs[$at] = [...$best, $step];
        }
        /** @var list<int> $longest */
        $longest = array_reduce($runs, static fn(array $a, array $b): array => count($b) > count($a) ? $b : $a, []);

        return array_values(array_diff($laid, $longest));
    }
}
