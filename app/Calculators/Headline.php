<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Units;
use App\Words\Telling;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Practice\Layer;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Truth\Truth;

/** A calculator's answer in one sentence, and in one word for those who test it. */
final readonly class Headline
{
    private function __construct(public string $key, public string $sentence) {}

    public static function of(Calculator $calculator, CalculatorAnswer $answer, Units $units): self
    {
        return match ($calculator) {
            Calculator::Expiry => self::expiry($answer),
            Calculator::Recall => self::recall($answer),
            Calculator::Locking => self::locking($answer),
            Calculator::Anchors => self::anchors($answer, $units),
            Calculator::Wedge => self::wedge($answer, $units),
            Calculator::Slot => self::slot($answer),
            Calculator::Modes => self::modes($answer),
            Calculator::BeltFit => self::beltFit($answer),
            Calculator::Extras => $answer->findings() === []
                ? new self('may_stay', 'It may stay, used as its maker says.')
                : new self('take_off', 'Take it off.'),
            Calculator::Room => self::room($answer, $units),
            Calculator::Flight => self::flight($answer),
        };
    }

    private static function expiry(CalculatorAnswer $answer): self
    {
        [$on, $left] = [$answer->assessment->computed()->expiresOn, $answer->assessment->computed()->daysLeft];

        return match (true) {
            $on === null || $left === null => new self(
                'unknown',
                'It cannot be told yet: a stamp, or a make date and a useful life, is needed.',
            ),
            $left > 0 => new self((string) $on, "First day of no more use: {$on->show()}, in {$left} days."),
            default => new self((string) $on, "It may no longer be used since {$on->show()}."),
        };
    }

    private static function recall(CalculatorAnswer $answer): self
    {
        $worst = $answer->assessment->computed()->recall?->worst();
        $doubt = $answer->doubt();
        if ($worst === 'clear' && $doubt !== null) {
            return new self('unmatched', $doubt->sentence());
        }

        return new self($worst ?? 'unknown', match ($worst) {
            'clear' => 'No campaign of this list covers it.',
            'possible' => 'A campaign may cover it.',
            'affected' => 'A campaign covers it.',
            default => 'It cannot be told: the day has no list with a date.',
        });
    }

    private static function locking(CalculatorAnswer $answer): self
    {
        $first = LockFinder::of($answer->situation)->inOrder()[0];

        return match (LockFinder::of($answer->situation)->anyWorks()) {
            Truth::Yes => new self($first->way, Telling::now()->tell($first->title()) . ': this works.'),
            Truth::No => new self('none', 'Nothing locks this belt for this seat. Choose another place, or the lower anchors.'),
            Truth::Unknown => new self('unknown', 'It cannot be told yet.'),
        };
    }

    private static function anchors(CalculatorAnswer $answer, Units $units): self
    {
        $limit = $answer->anchors();

        $bound = $limit->bound();

        return $bound === null || $limit->missing !== []
            ? new self('unknown', 'It cannot be told yet.')
            : new self(
                (string) $bound->value->in(MassUnit::Kilogram)->value,
                ($bound->inclusive ? 'Up to' : 'Under') . " a child of {$units->show($bound->value)}, by " . Layer::words($bound->from)
                    . '.',
            );
    }

    private static function wedge(CalculatorAnswer $answer, Units $units): self
    {
        $wedge = $answer->wedge();

        return $wedge === null
            ? self::noWedge($answer)
            : new self($wedge->stack, match ($wedge->stack) {
                'one_noodle' => 'One noodle',
                'three_noodles' => 'Three noodles, taped in a triangle',
                default => 'A rolled towel',
            } . " lifts the crease by {$units->show($wedge->lift)} and gains {$wedge->gain->show()}.");
    }

    private static function noWedge(CalculatorAnswer $answer): self
    {
        $s = $answer->situation;

        return match (true) {
            $s->seat?->wedgeOk === false => new self(
                'forbidden',
                'Its maker forbids a noodle or towel: set the recline by the seat\'s own foot or setting.',
            ),
            $s->setup()->angle === null || $s->seat?->baseLength === null || $s->seat->wedgeOk === null => new self(
                'unknown',
                'It cannot be told yet: its maker must be known to allow a wedge, and angle and base length must be measured.',
            ),
            default => new self('none', 'No wedge is needed: at this angle the seat is not too upright.'),
        };
    }

    private static function slot(CalculatorAnswer $answer): self
    {
        $slot = $answer->assessment->computed()->harnessSlot;

        return match (true) {
            $slot !== null => new self((string) $slot, "Slot {$slot}, counted from the lowest."),
            $answer->noSlotIsRight() => new self('none', 'No slot is on the right side of the shoulder: outgrown, or too small.'),
            default => new self('unknown', 'It cannot be told yet.'),
        };
    }

    private static function modes(CalculatorAnswer $answer): self
    {
        $best = $answer->assessment->computed()->bestMode;

        return $best === null
            ? new self('unknown', 'No way of riding is known to fit yet.')
            : new self($best->value, "Best: {$best->title()}.");
    }

    private static function beltFit(CalculatorAnswer $answer): self
    {
        return match (true) {
            $answer->assessment->computed()->bestMode?->hasSeat() === false => new self('belt_only', 'The belt alone fits this child.'),
            $answer->missing() === [] => new self('not_yet', 'Not yet: a booster still.'),
            default => new self('unknown', 'It cannot be told yet.'),
        };
    }

    private static function room(CalculatorAnswer $answer, Units $units): self
    {
        $room = $answer->room();
        $together = $units->show($room->together);

        return match (true) {
            $room->gains === [] => new self('unknown', 'Nothing to gain is known yet.'),
            $room->enough === Truth::Yes => new self('yes', "Together {$together}: enough."),
            $room->enough === Truth::No => new self('no', "Together {$together}: not enough. Another place, or another seat."),
            default => new self('unknown', "Together {$together}."),
        };
    }

    private static function flight(CalculatorAnswer $answer): self
    {
        $may = $answer->flight()->may;

        return new self(strtolower($may->name), match ($may) {
            Truth::Yes => 'It may be used on an aircraft.',
            Truth::No => 'It may not be used on an aircraft.',
            Truth::Unknown => 'It cannot be told yet.',
        });
    }
}
