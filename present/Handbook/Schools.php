<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Schools\SchoolPoint;
use MintBuckle\Core\Telling\Message;

/** Where schools of the trade differ, and what is done here. Common practice. */
final readonly class Schools
{
    /** @return list<array{Message, Message, Message}> point, what the schools say, what is done here */
    public static function rows(): array
    {
        return array_map(static fn(SchoolPoint $point): array => array_values($point->told()), SchoolPoint::cases());
    }
}
