<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Telling\Message;

/** Which belt have I got: retractor or latch plate, told from what it does when it is tried. Handbook section 6: common practice. */
final readonly class BeltQuiz
{
    public static function make(Throws $throws): QuizQuestion
    {
        return $throws->one([true, false]) ? self::retractor($throws) : self::plate($throws);
    }

    private static function retractor(Throws $throws): QuizQuestion
    {
        $is = $throws->one(Retractor::cases());
        $acts = match ($is) {
            Retractor::Switchable => ['slow_pull' => 'ratchets', 'short_pull' => 'free', 'tug' => 'stops'],
            Retractor::AlwaysLocking => ['slow_pull' => 'ratchets', 'short_pull' => 'refuses', 'tug' => 'stops'],
            Retractor::EmergencyLocking => ['slow_pull' => 'free', 'short_pull' => 'free', 'tug' => 'stops'],
            Retractor::None => ['slow_pull' => 'not_wound', 'short_pull' => 'not_wound', 'tug' => 'slides_out'],
        };

        return self::question('retractor', array_column(Retractor::cases(), 'value'), $is->value, $acts);
    }

    private static function plate(Throws $throws): QuizQuestion
    {
        $is = $throws->one(LatchPlate::cases());
        $acts = match ($is) {
            LatchPlate::Sewn => ['look' => 'stitched', 'lever' => 'none', 'lap_up' => 'fixed'],
            LatchPlate::Switched => ['look' => 'runs', 'lever' => 'there', 'lap_up' => 'by_lever'],
            LatchPlate::Locking => ['look' => 'runs', 'lever' => 'none', 'lap_up' => 'grips'],
            LatchPlate::Sliding => ['look' => 'runs', 'lever' => 'none', 'lap_up' => 'slides'],
        };

        return self::question('plate', array_column(LatchPlate::cases(), 'value'), $is->value, $acts);
    }

    /**
     * @param non-empty-list<string> $all
     * @param array<string, string> $acts what is tried => what is seen
     */
    private static function question(string $part, array $all, string $is, array $acts): QuizQuestion
    {
        return new QuizQuestion(
            new Message("quiz.belt.{$part}.asked"),
            array_map(static fn(string $act, string $seen): array => [
                new Message("quiz.belt.{$part}.act.{$act}"),
                new Message("quiz.belt.{$part}.seen.{$seen}"),
            ], array_keys($acts), array_values($acts)),
            array_map(static fn(string $one): Message => new Message("quiz.belt.{$part}.is.{$one}"), $all),
            (int) array_search($is, $all, true),
            new Message("quiz.belt.{$part}.because.{$is}"),
        );
    }
}
