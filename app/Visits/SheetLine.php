<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Message;

/** One finding on a take-home sheet: what it says, and what to do. */
final readonly class SheetLine
{
    /** @param string|null $declined why the family did not want it changed */
    private function __construct(public Message $message, public Message $remedy, public ?string $declined) {}

    public static function of(Finding $finding, ?string $declined = null): self
    {
        return new self($finding->message(), $finding->remedy(), $declined);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'message' => Keeping::toJson($this->message),
            'remedy' => Keeping::toJson($this->remedy),
            'declined' => $this->declined,
        ];
    }

    /** @param array<array-key, mixed> $kept */
    public static function kept(array $kept): self
    {
        return new self(
            Kept::message($kept['message'] ?? null),
            Kept::message($kept['remedy'] ?? null),
            is_string($kept['declined'] ?? null) ? $kept['declined'] : null,
        );
    }
}
