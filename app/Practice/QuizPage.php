<?php

declare(strict_types=1);

namespace App\Practice;

use MintBuckle\Core\Drill\Quiz\QuizKind;
use MintBuckle\Core\Drill\Quiz\QuizQuestion;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** A question of practice and what was answered. */
final readonly class QuizPage
{
    public ?int $answer;

    /** @param int|null $answer which option, from 0; null before one is chosen */
    public function __construct(public QuizKind $kind, public int $seed, public QuizQuestion $question, ?int $answer)
    {
        $this->answer = $answer !== null && isset($question->options[$answer]) ? $answer : null;
    }

    public function isRight(): bool
    {
        return $this->answer === $this->question->right;
    }

    public function rightOne(): Message|Quantity
    {
        return $this->question->options[$this->question->right];
    }

    /** Of the question after this one. */
    public function nextSeed(): int
    {
        return SeededDice::after($this->seed);
    }
}
