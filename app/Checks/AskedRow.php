<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Telling\Message;

/** A fact on a station: how it is asked, what is known of it, what was found where it was changed since. */
final readonly class AskedRow
{
    /**
     * @param array<array-key, Message|string> $choices value => label
     * @param mixed $found what was found, where the left phase has changed it; for a stale fact what was seen before the change
     * @param bool $stale something it depends on was changed: look again
     */
    private function __construct(
        public Askable $askable,
        public string $path,
        public array $choices,
        public mixed $value,
        public bool $asked,
        public mixed $found,
        public bool $stale,
    ) {}

    public static function of(
        Askable $askable,
        string $path,
        CaseFile $case,
        mixed $value,
        bool $asked,
        mixed $found = null,
        bool $stale = false,
    ): self {
        return new self($askable, $path, $askable->choices($case), $value, $asked, $found, $stale);
    }

    /** @return array<array-key, Message|string> the answers of a plain look that are not its good one */
    public function faults(): array
    {
        return array_diff_key($this->choices, [(string) $this->askable->good => true]);
    }

    /** An id for the row's elements that a page can hold more than once: on the station, on the findings panel, beside a finding. */
    public function id(string $where): string
    {
        return $where . '-' . str_replace(['.', '_'], '-', $this->path);
    }
}
