<?php

declare(strict_types=1);

namespace MintBuckle\Core\Practice;

use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Telling\Message;

/** The layer a limit comes from, in words. */
final readonly class Layer
{
    /** @param string $from seat, vehicle, law, standard:<code>, practice:<name> or default */
    public static function words(string $from): Message
    {
        [$kind, $name] = [...explode(':', $from, 2), ''];

        return match ($kind) {
            'seat', 'vehicle', 'law' => new Message("layers.{$kind}"),
            'standard' => new Message('layers.standard', ['standard' => Standard::tryFrom($name)?->title() ?? $name]),
            'practice' => new Message('layers.practice', ['practice' => strtoupper($name)]),
            default => new Message('layers.default'),
        };
    }
}
