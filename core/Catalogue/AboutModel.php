<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\Telling\Message;
use stdClass;

/**
 * What a manual says besides, that no rule reads: whom to ask, where the seat is registered, how its label speaks of aircraft, its parts.
 *
 * @phpstan-type Part array{name: string, essential: bool}
 * @phpstan-type About array{contact?: string, register_at?: string, aircraft_wording?: string, parts?: list<Part>}
 */
final readonly class AboutModel
{
    public const TEXTS = ['contact', 'register_at', 'aircraft_wording'];

    public const LONGEST = 300;

    public const MOST_PARTS = 60;

    private const LONGEST_PART = 80;

    /**
     * @param About $said
     * @param array<string, Message> $problems by key
     */
    private function __construct(public array $said, public array $problems) {}

    /** @param mixed $about as a file or a form gives it; of a form's parts a row without a name says nothing */
    public static function read(mixed $about): self
    {
        $given = $about instanceof stdClass ? get_object_vars($about) : (is_array($about) ? $about : []);
        [$said, $problems] = [[], []];
        foreach (self::TEXTS as $key) {
            $text = is_string($given[$key] ?? null) ? trim($given[$key]) : '';
            if (mb_strlen($text) > self::LONGEST) {
                $problems[$key] = new Message('catalogue.about.too_long', ['n' => self::LONGEST]);
            } elseif ($text !== '') {
                $said[$key] = $text;
            }
        }
        $parts = self::parts($given['parts'] ?? []);
        if ($parts === null) {
            $problems['parts'] = new Message('catalogue.about.parts_wrong', ['n' => self::MOST_PARTS]);
        } elseif ($parts !== []) {
            $said['parts'] = $parts;
        }
        foreach (array_diff(array_keys($given), [...self::TEXTS, 'parts']) as $unknown) {
            $problems[(string) $unknown] = new Message('catalogue.about.unknown');
        }

        return new self($said, $problems);
    }

    /** @return list<Part>|null null where it is no list of parts, or too long a one */
    private static function parts(mixed $given): ?array
    {
        if (! is_array($given)) {
            return null;
        }
        $parts = [];
        foreach ($given as $one) {
            $one = (array) $one;
            $name = is_string($one['name'] ?? null) ? trim($one['name']) : '';
            if (mb_strlen($name) > self::LONGEST_PART) {
                return null;
            }
            if ($name !== '') {
                $parts[$name] = ['name' => $name, 'essential' => in_array($one['essential'] ?? false, [true, '1'], true)];
            }
        }

        return count($parts) > self::MOST_PARTS ? null : array_values($parts);
    }
}
