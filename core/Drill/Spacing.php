<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

/** When something missed comes again: after 1, 3, 7 and 16 days, as long as it is found; missed again, it begins anew. */
final readonly class Spacing
{
    public const DAYS = [1, 3, 7, 16];

    /** @param int $stage 0 for the first repeat */
    private function __construct(public int $stage, public int $days) {}

    public static function missed(): self
    {
        return new self(0, self::DAYS[0]);
    }

    /** @return self|null null where it has been found often enough */
    public static function found(int $stage): ?self
    {
        return isset(self::DAYS[$stage + 1]) ? new self($stage + 1, self::DAYS[$stage + 1]) : null;
    }
}
