<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

/** What a drill leaves to chance. The core throws nothing itself: who makes a drill brings the dice, and the same ones make it again. */
interface Dice
{
    /**
     * @param int<1, max> $count
     * @return int 0 to less than that, each as likely
     */
    public function below(int $count): int;
}
