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
        $this->questions = [
            'slow_pull'
                => new BeltQuestion('Pull the belt slowly to the very end and let it back. Does it ratchet and refuse to come out again?', [
                    'Yes' => Retractor::Switchable,
                    'No' => 'short_pull',
                    'There is nothing that winds it in' => Retractor::None,
                ]),
            'short_pull' => new BeltQuestion('Does it refuse to come out again already after a short pull?', [
                'Yes' => Retractor::AlwaysLocking,
                'No' => 'tug',
            ]),
            'tug' => new BeltQuestion('Does it stop on a sharp tug only?', [
                'Yes' => Retractor::EmergencyLocking,
                'No, or still unsure' => null,
            ]),
            'slide' => new BeltQuestion('Is the latch plate stitched on to the webbing?', [
                'Yes' => LatchPlate::Sewn,
                'No' => 'button',
            ]),
            'button' => new BeltQuestion('Has the latch plate a lever or a button?', [
                'Yes' => LatchPlate::Switched,
                'No' => 'grip',
            ]),
            'grip' => new BeltQuestion('Buckle and pull the lap part up: does the plate grip?', [
                'Yes' => LatchPlate::Locking,
                'No, the webbing slides free' => LatchPlate::Sliding,
                'Still unsure' => null,
            ]),
        ];
    }
}
