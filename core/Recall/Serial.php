<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

/** Serial numbers as runs of letters and digits. Two compare only when their runs have the same kinds in the same order. */
final readonly class Serial
{
    /** @param list<string> $runs */
    private function __construct(private array $runs) {}

    public static function of(string $text): self
    {
        preg_match_all('/\d+|\p{L}+/u', mb_strtoupper($text), $m);

        return new self($m[0]);
    }

    /** Negative, zero or positive; null when the shapes differ. Letters compare as text, digits as numbers of any length. */
    public function compareTo(self $other): ?int
    {
        if ($this->shape() !== $other->shape()) {
            return null;
        }
        foreach ($this->runs as $i => $run) {
            $order = self::compareRuns($run, $other->runs[$i]);
            if ($order !== 0) {
                return $order;
            }
        }

        return 0;
    }

    private function shape(): string
    {
        return implode('', array_map(static fn(string $run): string => ctype_digit($run) ? '9' : 'A', $this->runs));
    }

    private static function compareRuns(string $a, string $b): int
    {
        if (! ctype_digit($a)) {
            return strcmp($a, $b);
        }
        $a = ltrim($a, '0');
        $b = ltrim($b, '0');

        return strlen($a) <=> strlen($b) ?: strcmp($a, $b);
    }
}
