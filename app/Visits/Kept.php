<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Message;

/** What a signed sheet kept, read back. */
final readonly class Kept
{
    public static function message(mixed $kept): Message
    {
        $told = Keeping::fromJson($kept);

        return $told instanceof Message ? $told : new Message(is_string($told) ? $told : '');
    }

    /** @return list<Message> */
    public static function messages(mixed $kept): array
    {
        return array_map(self::message(...), is_array($kept) ? array_values($kept) : []);
    }
}
