<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Telling\Message;

/** Other forms of practice than looking for errors: one question at a time, answered by choosing. */
enum QuizKind: string
{
    /** A sentence that is said now and then, and is wrong. */
    case Slip = 'slip';
    /** Which retractor or latch plate it is, by what it does. */
    case Belt = 'belt';
    /** Expiry, anchors and combined weight, wedge, slot. */
    case Arithmetic = 'arithmetic';
    /** Which step of the installation comes next. */
    case Order = 'order';

    public function title(): Message
    {
        return new Message("quiz.{$this->value}.title");
    }
}
