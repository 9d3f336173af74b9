<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use JsonException;
use stdClass;

/**
 * JSON text to values without losing a digit: numbers too long for a float become ExactNumber, repeated keys are refused.
 * Up to fifteen significant digits a float gives back exactly the decimal that was written (IEEE 754), so short numbers stay floats.
 */
final readonly class JsonText
{
    public const MAX_BYTES = 1_048_576;

    /** Objects and lists may lie 32 deep; PHP counts the innermost value as one more. */
    private const PHP_DEPTH = 33;

    private const LONG_NUMBER = '/"(?:[^"\\\\]++|\\\\.)*+"(*SKIP)(*FAIL)|-?\d[\d.]{15,}+(?![eE\d.])/s';

    private const KEY = '/"(?:[^"\\\\]++|\\\\.)*+"(?=\s*+(:)?)/s';

    /** @throws InvalidCase */
    public static function decode(string $text): stdClass
    {
        $problems = new Problems();
        if (strlen($text) > self::MAX_BYTES) {
            $problems->add('', 'is larger than 1 MiB');
            $problems->stopIfAny();
        }
        try {
            $value = json_decode($text, false, self::PHP_DEPTH, JSON_THROW_ON_ERROR);
            if (preg_match(self::LONG_NUMBER, $text) === 1) {
                $marked = preg_replace_callback(
                    self::LONG_NUMBER,
                    static fn(array $m): string => '{"' . ExactNumber::KEY . '":"' . $m[0] . '"}',
                    $text,
                );
                $value = json_decode((string) $marked, false, self::PHP_DEPTH + 1, JSON_THROW_ON_ERROR);
            }
        } catch (JsonException $e) {
            $problems->add('', 'is not JSON: ' . lcfirst($e->getMessage()));
            $problems->stopIfAny();
        }
        if (! isset($value) || ! $value instanceof stdClass) {
            $problems->add('', 'must be a JSON object');
            $problems->stopIfAny();
            $value = new stdClass();
        }
        if (self::keysWritten($text) !== self::keysKept($value)) {
            $problems->add(self::repeatedKey($text), 'is given more than once');
            $problems->stopIfAny();
        }

        return $value;
    }

    private static function keysWritten(string $text): int
    {
        preg_match_all(self::KEY, $text, $matches);

        return count(array_filter($matches[1]));
    }

    /** @param stdClass|array<mixed> $value */
    private static function keysKept(stdClass|array $value): int
    {
        if ($value instanceof stdClass && isset($value->{ExactNumber::KEY})) {
            return 0;
        }
        $count = 0;
        $children = is_array($value) ? $value : (array) $value;
        foreach ($children as $child) {
            $count += ($value instanceof stdClass ? 1 : 0) + (is_array($child) || $child instanceof stdClass ? self::keysKept($child) : 0);
        }

        return $count;
    }

    /** The dotted path of the first key that its object already has. */
    private static function repeatedKey(string $text): string
    {
        preg_match_all('/"(?:[^"\\\\]++|\\\\.)*+"(\s*+:)?|[{}\[\],]/s', $text, $tokens, PREG_SET_ORDER);
        $path = [];
        $seen = [];
        foreach ($tokens as $token) {
            $depth = count($path);
            if ($token[0] === '{' || $token[0] === '[') {
                $path[] = $token[0] === '[' ? 0 : '';
                $seen[] = [];
            } elseif ($token[0] === '}' || $token[0] === ']') {
                array_pop($path);
                array_pop($seen);
            } elseif ($token[0] === ',' && is_int($path[$depth - 1])) {
                $path[$depth - 1]++;
            } elseif (isset($token[1])) {
                $key = json_decode(substr($token[0], 0, -strlen($token[1])));
                $path[$depth - 1] = $key = is_string($key) ? $key : '';
                if (isset($seen[$depth - 1][$key])) {
                    return implode('.', $path);
                }
                $seen[$depth - 1][$key] = true;
            }
        }

        return '';
    }
}
