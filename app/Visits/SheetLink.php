<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Visit;
use App\Organisations\CurrentOrganisation;
use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/**
 * A family's own link to its sheet: whose it is, until when, and a keyed hash (HMAC-SHA-256, RFC 2104) of both, so that it can neither be
 * guessed nor changed. Nothing of it is kept.
 */
final readonly class SheetLink
{
    /** As long as most first questions come; after that the printed sheet holds. */
    public const DAYS = 60;

    private const FORM = '/\A([0-9a-z]{1,13})-([0-9a-z]{1,13})-([0-9a-z]{1,6})-([0-9a-f]{64})\z/';

    private const SECONDS_A_DAY = 86_400;

    public function __construct(private ClockInterface $clock, private CurrentOrganisation $organisation) {}

    /** @return string|null null before the family has left: then there is nothing to take home yet */
    public function of(Visit $visit): ?string
    {
        $organisation = $this->organisation->id();
        if ($visit->left_at === null || $organisation === null) {
            return null;
        }
        $until = intdiv($visit->left_at->getTimestamp(), self::SECONDS_A_DAY) + self::DAYS;
        $said = implode('-', array_map(
            static fn(int $number): string => base_convert((string) $number, 10, 36),
            [$organisation, $visit->id, $until],
        ));

        return route('sheet', $said . '-' . self::keyed($said));
    }

    /** @return array{organisation: int, visit: int}|null whose sheet it opens; null: none, altered, or too old */
    public function read(string $token): ?array
    {
        if (preg_match(self::FORM, $token, $m) !== 1 || ! hash_equals(self::keyed("{$m[1]}-{$m[2]}-{$m[3]}"), $m[4])) {
            return null;
        }
        [$organisation, $visit, $until] = array_map(
            static fn(string $text): int => (int) base_convert($text, 36, 10),
            [$m[1], $m[2], $m[3]],
        );
        $today = intdiv(CarbonImmutable::instance($this->clock->now())->getTimestamp(), self::SECONDS_A_DAY);

        return $today > $until ? null : ['organisation' => $organisation, 'visit' => $visit];
    }

    private static function keyed(string $said): string
    {
        $key = config('app.key');

        return hash_hmac('sha256', "sheet-{$said}", is_string($key) ? $key : '');
    }
}
