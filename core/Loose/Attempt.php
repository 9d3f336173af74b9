<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

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

        return $code === null ? null : new self($code, $of);
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
