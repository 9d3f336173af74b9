<?php

declare(strict_types=1);

namespace App\Pages;

use Illuminate\Support\Str;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\CaseFile\CaseFile;

/** A fact on a station: how it is asked, what is known of it, what was found where it was changed since. */
final readonly class AskedRow
{
    /** @param array<array-key, string> $choices value => label */
    private function __construct(
        public Askable $askable,
        public string $path,
        public array $choices,
        public mixed $value,
        public bool $asked,
        public mixed $found,
        public string $factId,
    ) {}

    public static function of(Askable $askable, string $path, CaseFile $case, mixed $value, bool $asked, mixed $found = null): self
    {
        return new self($askable, $path, $askable->choices($case), $value, $asked, $found, Str::uuid7()->toString());
    }

    public static function open(Askable $askable, string $path, CaseFile $case): self
    {
        return self::of($askable, $path, $case, null, true);
    }

    /** An id for the row's elements that a page can hold twice: on the station and on the slip. */
    public function id(string $where): string
    {
        return $where . '-' . str_replace(['.', '_'], '-', $this->path);
    }
}
