<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use LogicException;
use MintBuckle\Core\Drill\Dice;
use MintBuckle\Core\Drill\DrillStock;
use MintBuckle\Core\Drill\GoodScene;
use MintBuckle\Core\Drill\Throws;

/** Questions from the same stock and the same rules as the drills: the same dice ask the same. */
final readonly class QuizMaker
{
    private const TRIES = 60;

    private Throws $throws;

    private GoodScene $scenes;

    public function __construct(DrillStock $stock, Dice $dice)
    {
        $this->throws = new Throws($dice);
        $this->scenes = new GoodScene($stock, $this->throws);
    }

    /** @throws LogicException where the stock has nothing to ask about */
    public function make(QuizKind $kind): QuizQuestion
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $question = match ($kind) {
                QuizKind::Slip => SlipQuiz::make($this->throws),
                QuizKind::Belt => BeltQuiz::make($this->throws),
                QuizKind::Arithmetic => (new ArithmeticQuiz($this->scenes, $this->throws))->make(),
                QuizKind::Order => (new OrderQuiz($this->scenes, $this->throws))->make(),
            };
            if ($question !== null) {
                return $question;
            }
        }
        throw new LogicException('this stock has nothing to ask about');
    }

    /** @throws LogicException where the stock has no card to lay */
    public function order(): StepOrder
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $order = StepOrder::make($this->scenes, $this->throws);
            if ($order !== null) {
                return $order;
            }
        }
        throw new LogicException('this stock has no card to lay');
    }
}
