<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the event does with a seat that was in a crash. */
enum CrashPolicy: string
{
    case Strict = 'strict';
    case MinorCrash = 'minor_crash';

    /** @return list<self> that an event may go by; minor crashes are told apart in the United States alone */
    public static function allowed(?PracticeCode $practice): array
    {
        return $practice === PracticeCode::Us ? self::cases() : [self::Strict];
    }
}
