<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use Closure;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Finding\Station;

/** A fact as it is asked of a person: its path, the sentence, and the answers there are. */
final readonly class Askable
{
    /**
     * @param string $path dotted path in the case file; a * stands for one part of it
     * @param string $short a few words, where the fact is listed
     * @param array<array-key, string>|Closure(CaseFile): array<array-key, string> $choices value => label, in order
     */
    public function __construct(
        public string $path,
        public Station $station,
        public AnswerKind $kind,
        public string $short,
        public string $question,
        private array|Closure $choices = [],
        public ?string $hint = null,
    ) {}

    public function hasStar(): bool
    {
        return str_contains($this->path, '*');
    }

    public function matches(string $path): bool
    {
        return preg_match('/\A' . strtr(preg_quote($this->path, '/'), ['\\*' => '[^.]+']) . '\z/', $path) === 1;
    }

    /** @return array<array-key, string> value => label */
    public function choices(CaseFile $case): array
    {
        return $this->choices instanceof Closure ? ($this->choices)($case) : $this->choices;
    }
}
