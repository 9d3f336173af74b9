<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Telling\Message;

/** Where schools of the trade differ, and what is done here. Common practice. */
final readonly class Schools
{
    private const POINTS = [
        'movement', 'direction', 'tether_loose', 'lock_then_buckle',
        'slack', 'clip', 'forward_tether', 'rear_tether', 'rear_straps', 'forward_straps',
        'tightness', 'nipples', 'turning', 'belt_or_anchors', 'weight', 'no_tether_anchor',
        'recline', 'booster_belt', 'lap', 'head_part', 'middle', 'crash', 'proof', 'roll',
    ];

    /** @return list<array{Message, Message, Message}> point, what the schools say, what is done here */
    public static function rows(): array
    {
        return array_map(static fn(string $point): array => [
            new Message("schools.{$point}.point"),
            new Message("schools.{$point}.schools"),
            new Message("schools.{$point}.here"),
        ], self::POINTS);
    }
}
