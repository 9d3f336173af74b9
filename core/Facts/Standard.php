<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The label standards whose conventions are known here. A label may name others; they stay as text. */
enum Standard: string
{
    case Fmvss213 = 'fmvss213';
    case AsNzs1754 = 'asnzs1754';
    case EceR44 = 'ecer44';
    case EceR129 = 'ecer129';

    public function title(): string
    {
        return match ($this) {
            self::Fmvss213 => 'FMVSS 213',
            self::AsNzs1754 => 'AS/NZS 1754',
            self::EceR44 => 'ECE R44',
            self::EceR129 => 'ECE R129',
        };
    }
}
