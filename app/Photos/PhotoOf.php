<?php

declare(strict_types=1);

namespace App\Photos;

use MintBuckle\Core\Finding\Station;

/** What a picture shows. */
enum PhotoOf: string
{
    case Label = 'label';
    case Damage = 'damage';

    /** Null where no pictures are taken. */
    public static function at(Station $station): ?self
    {
        return match ($station) {
            Station::Label => self::Label,
            Station::History => self::Damage,
            default => null,
        };
    }
}
