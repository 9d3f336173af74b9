<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Bus\VestStep;
use MintBuckle\Core\Telling\Message;

/** A vest from front and back while it is put on: what is done, what is done now, what comes later. */
final readonly class VestView
{
    private const PARTS = [
        'closure' => VestStep::Closure,
        'coat' => VestStep::CoatOff,
        'crotch' => VestStep::Crotch,
        'hips' => VestStep::Hips,
        'lowest' => VestStep::Hips,
        'neck' => VestStep::Shoulders,
        'shoulders' => VestStep::Shoulders,
        'size' => VestStep::TellApart,
    ];

    /**
     * @param array<string, array{state: string, press: string}> $parts state: unknown for later, now, good for done
     * @param bool $coat whether it is on over the vest
     */
    private function __construct(public array $parts, public bool $coat, public Message $text) {}

    public static function at(VestStep $now): self
    {
        return new self(
            array_map(static fn(VestStep $step): array => [
                'state' => match ($step->number() <=> $now->number()) {
                    -1 => 'good',
                    0 => 'now',
                    1 => 'unknown',
                },
                'press' => "step-{$step->number()}",
            ], self::PARTS),
            $now->number() >= VestStep::CoatOver->number(),
            $now->step(),
        );
    }
}
