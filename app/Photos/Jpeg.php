<?php

declare(strict_types=1);

namespace App\Photos;

use App\Checks\UnreadableAnswer;

/** A JPEG without what cameras write beside the picture, the place where it was taken above all. Markers of ITU-T T.81, annex B. */
final readonly class Jpeg
{
    /** Larger than a shrunk picture ever is. */
    private const MOST_BYTES = 2_000_000;

    private const BEGIN = "\xFF\xD8";

    private const SCAN = 0xDA;

    private const COMMENT = 0xFE;

    /** Written by applications: APP1 to APP15; APP0 tells the picture's own form. */
    private const APPLICATION = [0xE1, 0xEF];

    /** @throws UnreadableAnswer when it is none, broken, or too large */
    public static function bare(string $bytes): string
    {
        // It warns of what is broken, which is refused all the same.
        $isRead = @getimagesizefromstring($bytes) !== false;
        if (! $isRead || ! str_starts_with($bytes, self::BEGIN) || strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableAnswer::because('no_photo');
        }
        $bare = self::BEGIN;
        $at = strlen(self::BEGIN);
        while (($bytes[$at] ?? '') === "\xFF" && strlen($bytes) > $at + 3) {
            $marker = ord($bytes[$at + 1]);
            if ($marker === self::SCAN) {
                return $bare . substr($bytes, $at);
            }
            $length = 2 + (ord($bytes[$at + 2]) << 8) + ord($bytes[$at + 3]);
            $beside = $marker === self::COMMENT || ($marker >= self::APPLICATION[0] && $marker <= self::APPLICATION[1]);
            $bare .= $beside ? '' : substr($bytes, $at, $length);
            $at += $length;
        }
        throw UnreadableAnswer::because('no_photo');
    }
}
