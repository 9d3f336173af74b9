<?php

declare(strict_types=1);

namespace App\Calculators;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Telling\Message;

/** A fact on a calculator's form: how it is asked, what was typed, and what is wrong with that. */
final readonly class CalculatorField
{
    public string $id;

    public string $name;

    /**
     * @param array<array-key, Message|string> $choices value => label
     * @param array<array-key, mixed> $typed answer, amount, unit, lines, answers
     */
    public function __construct(
        public Askable $askable,
        public string $path,
        public array $choices,
        public array $typed,
        public ?string $problem,
    ) {
        $this->id = 'find-' . str_replace(['.', '_'], '-', $path);
        $this->name = "f[{$path}]";
    }

    public function text(string $key): string
    {
        return is_string($this->typed[$key] ?? null) ? $this->typed[$key] : '';
    }

    public function has(string|int $value): bool
    {
        return $this->text('answer') === (string) $value || in_array((string) $value, (array) ($this->typed['answers'] ?? []), true);
    }
}
