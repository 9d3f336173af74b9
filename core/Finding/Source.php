<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** A source and its kind. */
final readonly class Source
{
    private function __construct(public SourceKind $kind, public string $text) {}

    public static function published(string $workAndPlace): self
    {
        return new self(SourceKind::Published, $workAndPlace);
    }

    /** Common practice of the trade: no publication stands behind it. */
    public static function common(): self
    {
        return new self(SourceKind::Common, 'common practice of the trade');
    }

    /** A publication whose figure was written down from memory and not checked against a copy. */
    public static function memory(string $workAndPlace): self
    {
        return new self(SourceKind::Memory, $workAndPlace . ' (from memory)');
    }

    /** The seat's or vehicle's own words, as entered. */
    public static function manual(string $whose): self
    {
        return new self(SourceKind::Published, "the {$whose}'s own label or manual, as entered");
    }
}
