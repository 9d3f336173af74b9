<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** Where a figure or rule comes from, and so how far it can be leaned on. */
enum SourceKind: string
{
    case Published = 'published';
    case Common = 'common';
    case Memory = 'memory';

    /** The mark shown beside it. */
    public function mark(): string
    {
        return match ($this) {
            self::Published => 'P',
            self::Common => 'C',
            self::Memory => 'M',
        };
    }
}
