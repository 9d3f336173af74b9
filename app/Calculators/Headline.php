<?php

declare(strict_types=1);

namespace App\Calculators;

use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Practice\Layer;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** A calculator's answer in one sentence, and in one word for those who test it. */
final readonly class Headline
{
    private function __construct(public string $key, public Message $told) {}

    public static function of(Calculator $calculator, CalculatorAnswer $answer): self
    {
        return match ($calculator) {
            Calculator::Expiry => self::expiry($answer),
            Calculator::Recall => self::recall($answer),
            Calculator::Locking => self::locking($answer),
            Calculator::Anchors => self::anchors($answer),
            Calculator::Wedge => self::wedge($answer),
            Calculator::Slot => self::slot($answer),
            Calculator::Modes => self::modes($answer),
            Calculator::BeltFit => self::beltFit($answer),
            Calculator::Extras => $answer->findings() === []
                ? new self('may_stay', new Message('headlines.extras.may_stay'))
                : new self('take_off', new Message('headlines.extras.take_off')),
            Calculator::Room => self::room($answer),
            Calculator::Flight => self::flight($answer),
        };
    }

    private static function expiry(CalculatorAnswer $answer): self
    {
        [$on, $left] = [$answer->assessment->computed()->expiresOn, $answer->assessment->computed()->daysLeft];

        return match (true) {
            $on === null || $left === null => new self('unknown', new Message('headlines.expiry.unknown')),
            $left > 0 => new self((string) $on, new Message('headlines.expiry.until', ['day' => $on, 'left' => $left])),
            default => new self((string) $on, new Message('headlines.expiry.passed', ['day' => $on])),
        };
    }

    private static function recall(CalculatorAnswer $answer): self
    {
        $worst = $answer->assessment->computed()->recall?->worst();
        $doubt = $answer->doubt();
        if ($worst === 'clear' && $doubt !== null) {
            return new self('unmatched', $doubt->told());
        }

        return new self($worst ?? 'unknown', new Message('headlines.recall.' . ($worst ?? 'unknown')));
    }

    private static function locking(CalculatorAnswer $answer): self
    {
        $first = LockFinder::of($answer->situation)->inOrder()[0];

        return match (LockFinder::of($answer->situation)->anyWorks()) {
            Truth::Yes => new self($first->way, new Message('headlines.locking.works', ['way' => $first->title()])),
            Truth::No => new self('none', new Message('headlines.locking.none')),
            Truth::Unknown => new self('unknown', new Message('headlines.unknown')),
        };
    }

    private static function anchors(CalculatorAnswer $answer): self
    {
        $limit = $answer->anchors();

        $bound = $limit->bound();

        return $bound === null || $limit->missing !== []
            ? new self('unknown', new Message('headlines.unknown'))
            : new self(
                (string) $bound->value->in(MassUnit::Kilogram)->value,
                new Message('headlines.anchors', [
                    'inclusive' => $bound->inclusive,
                    'weight' => $bound->value,
                    'from' => Layer::words($bound->from),
                ]),
            );
    }

    private static function wedge(CalculatorAnswer $answer): self
    {
        $wedge = $answer->wedge();

        return $wedge === null
            ? self::noWedge($answer)
            : new self($wedge->stack, new Message('headlines.wedge.lifts', [
                'stack' => $wedge->stack,
                'lift' => $wedge->lift,
                'gain' => $wedge->gain,
            ]));
    }

    private static function noWedge(CalculatorAnswer $answer): self
    {
        $s = $answer->situation;

        return match (true) {
            $s->seat?->wedgeOk === false => new self('forbidden', new Message('headlines.wedge.forbidden')),
            $s->setup()->angle === null || $s->seat?->baseLength === null || $s->seat->wedgeOk === null => new self(
                'unknown',
                new Message('headlines.wedge.unknown'),
            ),
            default => new self('none', new Message('headlines.wedge.none')),
        };
    }

    private static function slot(CalculatorAnswer $answer): self
    {
        $slot = $answer->assessment->computed()->harnessSlot;

        return match (true) {
            $slot !== null => new self((string) $slot, new Message('headlines.slot.right', ['slot' => $slot])),
            $answer->noSlotIsRight() => new self('none', new Message('headlines.slot.none')),
            default => new self('unknown', new Message('headlines.unknown')),
        };
    }

    private static function modes(CalculatorAnswer $answer): self
    {
        $best = $answer->assessment->computed()->bestMode;

        return $best === null
            ? new self('unknown', new Message('headlines.modes.unknown'))
            : new self($best->value, new Message('headlines.modes.best', ['mode' => $best->title()]));
    }

    private static function beltFit(CalculatorAnswer $answer): self
    {
        return match (true) {
            $answer->assessment->computed()->bestMode?->hasSeat() === false => new self('belt_only', new Message('headlines.belt_fit.yes')),
            $answer->missing() === [] => new self('not_yet', new Message('headlines.belt_fit.no')),
            default => new self('unknown', new Message('headlines.unknown')),
        };
    }

    private static function room(CalculatorAnswer $answer): self
    {
        $room = $answer->room();
        $told = static fn(string $enough): Message => new Message(
            'headlines.room.together',
            ['room' => $room->together, 'enough' => $enough],
        );

        return match (true) {
            $room->gains === [] => new self('unknown', new Message('headlines.room.unknown')),
            $room->enough === Truth::Yes => new self('yes', $told('yes')),
            $room->enough === Truth::No => new self('no', $told('no')),
            default => new self('unknown', $told('unknown')),
        };
    }

    private static function flight(CalculatorAnswer $answer): self
    {
        $may = $answer->flight()->may;

        return new self(strtolower($may->name), new Message('headlines.flight.' . strtolower($may->name)));
    }
}
