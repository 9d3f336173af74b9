<?php

declare(strict_types=1);

namespace App\Visits;

use App\Units;
use MintBuckle\Core\Finding\Finding;

/** One finding on a take-home sheet, in words. */
final readonly class SheetLine
{
    /**
     * @param string|null $retold measure and limit once more in the reader's units
     * @param string|null $declined why the family did not want it changed
     */
    private function __construct(public string $message, public string $remedy, public ?string $retold, public ?string $declined) {}

    public static function of(Finding $finding, Units $units, ?string $declined = null): self
    {
        return new self($finding->message, $finding->remedy, $units->retell($finding), $declined);
    }

    /** @param array<array-key, mixed> $kept */
    public static function kept(array $kept): self
    {
        $text = static fn(string $key): ?string => is_string($kept[$key] ?? null) ? $kept[$key] : null;

        return new self($text('message') ?? '', $text('remedy') ?? '', $text('retold'), $text('declined'));
    }
}
