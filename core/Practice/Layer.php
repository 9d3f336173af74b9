<?php

declare(strict_types=1);

namespace MintBuckle\Core\Practice;

use MintBuckle\Core\Facts\Standard;

/** The layer a limit comes from, in words. */
final readonly class Layer
{
    /** @param string $from seat, vehicle, law, standard:<code>, practice:<name> or default */
    public static function words(string $from): string
    {
        [$kind, $name] = [...explode(':', $from, 2), ''];

        return match ($kind) {
            'seat' => 'the seat\'s own label or manual',
            'vehicle' => 'the vehicle\'s manual',
            'law' => 'the law, as entered for this day',
            'standard' => 'the standard on the label (' . (Standard::tryFrom($name)?->title() ?? $name) . ')',
            'practice' => 'the practice of this event (' . strtoupper($name) . ')',
            default => 'the handbook',
        };
    }
}
