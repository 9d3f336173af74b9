<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Retractor;

/** Which belt have I got? Two short question trees, of the retractor and of the latch plate, that end in what the finder reads. */
final readonly class BeltTree
{
    public const RETRACTOR = 'slow_pull';

    public const LATCH_PLATE = 'slide';

    /** @var array<string, BeltQuestion> by their own name; the last answer of each tree is "still unsure" */
    public array $questions;

    public function __construct()
    {
        $questions = [
            new BeltQuestion('slow_pull', [
                BeltAnswer::yes(Retractor::Switchable),
                BeltAnswer::no('short_pull'),
                BeltAnswer::other('slow_pull.none', Retractor::None),
            ]),
            new BeltQuestion('short_pull', [BeltAnswer::yes(Retractor::AlwaysLocking), BeltAnswer::no('tug')]),
            new BeltQuestion('tug', [BeltAnswer::yes(Retractor::EmergencyLocking), BeltAnswer::other('tug.unsure', null)]),
            new BeltQuestion('slide', [BeltAnswer::yes(LatchPlate::Sewn), BeltAnswer::no('button')]),
            new BeltQuestion('button', [BeltAnswer::yes(LatchPlate::Switched), BeltAnswer::no('grip')]),
            new BeltQuestion('grip', [
                BeltAnswer::yes(LatchPlate::Locking),
                BeltAnswer::other('grip.slides', LatchPlate::Sliding),
                BeltAnswer::other('grip.unsure', null),
            ]),
        ];
        $this->questions = array_combine(array_column($questions, 'name'), $questions);
    }
}
