<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use stdClass;

/** Facts in and out of a case's JSON by dotted path. */
final readonly class CasePath
{
    public static function get(stdClass $case, string $path): mixed
    {
        $at = $case;
        foreach (explode('.', $path) as $part) {
            $at = match (true) {
                $at instanceof stdClass => $at->{$part} ?? null,
                is_array($at) => $at[$part] ?? null,
                default => null,
            };
        }

        return $at;
    }

    /** Sections on the way that are not there yet are made; lists are only ever entered where they have the entry. */
    public static function set(stdClass $case, string $path, mixed $value): void
    {
        $parts = explode('.', $path);
        $last = array_pop($parts);
        $at = &$case;
        foreach ($parts as $part) {
            if (is_array($at)) {
                if (! isset($at[$part])) {
                    return;
                }
                $at = &$at[$part];
            } else {
                $at->{$part} ??= new stdClass();
                $at = &$at->{$part};
            }
        }
        if (is_array($at)) {
            $at[(int) $last] = $value;
        } elseif ($at instanceof stdClass) {
            $at->{$last} = $value;
        }
    }
}
