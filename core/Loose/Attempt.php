<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Telling\Message;

/** One thing to try next, with what it names: a way of locking, a recline setting, a count. */
final readonly class Attempt
{
    public function __construct(public AttemptCode $code, private string $of = '') {}

    /** As a log keeps it: "other_lock.clip". */
    public function key(): string
    {
        return rtrim("{$this->code->value}.{$this->of}", '.');
    }

    /** Null where no such attempt can be. */
    public static function named(string $key): ?self
    {
        [$code, $of] = [...explode('.', $key, 2), ''];
        $code = AttemptCode::tryFrom($code);

        return $code !== null && self::names($code, $of) ? new self($code, $of) : null;
    }

    private static function names(AttemptCode $code, string $of): bool
    {
        return match ($code) {
            AttemptCode::OtherLock, AttemptCode::FreeRetractor => Lock::tryFrom($of) !== null && $of !== Lock::ClampDoor->value,
            AttemptCode::OtherSetting, AttemptCode::Noodles, AttemptCode::TurnBuckle, AttemptCode::TurnBuckleIfAllowed => preg_match(
                '/\A\d{1,3}\z/',
                $of,
            ) === 1,
            default => $of === '',
        };
    }

    public function step(): Message
    {
        return new Message("loose.steps.{$this->code->value}", match ($this->code) {
            AttemptCode::OtherLock, AttemptCode::FreeRetractor => ['way' => new Message("locking.ways.{$this->of}", within: true)],
            AttemptCode::OtherSetting, AttemptCode::Noodles, AttemptCode::TurnBuckle, AttemptCode::TurnBuckleIfAllowed => [
                'n' => (int) $this->of,
            ],
            default => [],
        });
    }
}
