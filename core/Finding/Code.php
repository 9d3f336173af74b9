<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use InvalidArgumentException;

/**
 * The stable dotted code of a finding: a topic and what is wrong. Codes are never renamed: old records carry them. Each belongs to the
 * rule that finds it. One object a code, so that equal codes are identical.
 */
final class Code
{
    private const TOPICS = [
        'label' => Station::Label,
        'expiry' => Station::Label,
        'recall' => Station::Label,
        'register' => Station::Label,
        'history' => Station::History,
        'condition' => Station::History,
        'extras' => Station::History,
        'mode' => Station::Child,
        'fit' => Station::Child,
        'child' => Station::Child,
        'place' => Station::Place,
        'secure' => Station::Secure,
        'measure' => Station::Measure,
        'harness' => Station::Buckle,
        'booster' => Station::Buckle,
        'bus' => Station::Bus,
        'handover' => Station::Handover,
    ];

    /** @var array<string, self> */
    private static array $made = [];

    private function __construct(public readonly string $value, private readonly Station $station) {}

    /** @throws InvalidArgumentException when it is not a known topic, a dot and small letters, digits or _ */
    public static function of(string $value): self
    {
        return self::$made[$value] ??= new self($value, self::stationOf($value));
    }

    public function station(): Station
    {
        return $this->station;
    }

    private static function stationOf(string $value): Station
    {
        return preg_match('/\A([a-z]+)\.[a-z0-9_]+\z/', $value, $m) === 1 && isset(self::TOPICS[$m[1]])
            ? self::TOPICS[$m[1]]
            : throw new InvalidArgumentException("{$value} is no code");
    }
}
