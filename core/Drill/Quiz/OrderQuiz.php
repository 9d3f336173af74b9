<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Drill\GoodScene;
use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Telling\Message;

/** Turn it forward: of the steps of an installation card the one that comes next. */
final readonly class OrderQuiz
{
    private const SHOWN = 4;

    public function __construct(private GoodScene $scenes, private Throws $throws) {}

    public function make(): ?QuizQuestion
    {
        $scene = $this->scenes->make();
        $card = $scene?->assessment->computed()->card ?? [];
        if ($scene === null || count($card) < self::SHOWN + 2) {
            return null;
        }
        $at = 1 + $this->throws->one(range(0, count($card) - self::SHOWN - 1));
        $next = $card[$at];
        $others = array_filter(array_slice($card, $at + 1), static fn(CardStep $step): bool => $step->code !== $next->code);
        $shown = [$next, ...array_slice($this->throws->mixed(array_values($others)), 0, self::SHOWN - 1)];
        $shown = $this->throws->mixed($shown);
        $s = $scene->assessment->situation;

        return new QuizQuestion(
            new Message('quiz.order.asked', [
                'seat' => trim("{$s->seat?->maker} {$s->seat?->model}"),
                'mode' => $s->mode?->told() ?? '',
                'before' => $card[$at - 1]->step(),
            ]),
            [],
            array_map(static fn(CardStep $step): Message => $step->step(), $shown === [] ? [$next] : $shown),
            (int) array_search($next, $shown, true),
            $next->check(),
        );
    }
}
