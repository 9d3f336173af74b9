<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Telling\Message;

/** Spot the slip: among sentences that are right, one that is said now and then and is wrong. Handbook section 14: common practice. */
final readonly class SlipQuiz
{
    public const SLIPS = [
        'forward_straps',
        'rear_straps',
        'clip',
        'belt_over_booster',
        'lap_part',
        'head_part',
        'movement',
        'both_hold',
        'locking_clip',
        'recline',
        'expiry',
        'extras',
        'coat',
        'under_arm',
        'vest_order',
    ];

    private const SHOWN = 4;

    public static function make(Throws $throws): QuizQuestion
    {
        $drawn = array_slice($throws->mixed(self::SLIPS), 0, self::SHOWN);
        $slip = $throws->one($drawn === [] ? self::SLIPS : $drawn);
        $options = array_map(static fn(string $one): Message => new Message(
            'quiz.slip.' . ($one === $slip ? 'wrong' : 'right') . ".{$one}",
        ), $drawn === [] ? self::SLIPS : $drawn);

        return new QuizQuestion(
            new Message('quiz.slip.asked'),
            [],
            $options,
            (int) array_search($slip, $drawn, true),
            new Message("quiz.slip.right.{$slip}"),
        );
    }
}
