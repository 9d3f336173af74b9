<?php

declare(strict_types=1);

namespace MintBuckle\Core\Truth;

/** Yes, no or unknown. Unknown is never taken for no. */
enum Truth
{
    case Yes;
    case No;
    case Unknown;

    public static function of(?bool $known): self
    {
        return match ($known) {
            true => self::Yes,
            false => self::No,
            null => self::Unknown,
        };
    }

    /** No as soon as one is no; yes only when all are. */
    public function and(self $other): self
    {
        return match (true) {
            $this === self::No || $other === self::No => self::No,
            $this === self::Unknown || $other === self::Unknown => self::Unknown,
            default => self::Yes,
        };
    }

    /** Yes as soon as one is yes; no only when all are. */
    public function or(self $other): self
    {
        return $this->not()->and($other->not())->not();
    }

    public function not(): self
    {
        return match ($this) {
            self::Yes => self::No,
            self::No => self::Yes,
            self::Unknown => self::Unknown,
        };
    }

    /** Yes as soon as one is yes; no when all are, and when there is none. */
    public static function any(self ...$of): self
    {
        return array_reduce($of, static fn(self $any, self $one): self => $any->or($one), self::No);
    }

    /** No as soon as one is no; yes when all are, and when there is none. */
    public static function all(self ...$of): self
    {
        return array_reduce($of, static fn(self $all, self $one): self => $all->and($one), self::Yes);
    }

    public function toBool(): ?bool
    {
        return match ($this) {
            self::Yes => true,
            self::No => false,
            self::Unknown => null,
        };
    }
}
