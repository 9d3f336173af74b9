<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\Expiry;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Recall\RecallMatch;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/**
 * The label as a ruler of time: made, today, first expired day; recall windows as bands; the missing part of a date as a blur.
 * All x are pixels of a drawing WIDTH wide.
 */
final readonly class LabelRuler
{
    public const WIDTH = 640;

    public const LEFT = 24;

    public const RIGHT = 616;

    public const LENGTH = self::RIGHT - self::LEFT;

    /** So many year labels stay apart when they are enlarged on a phone. */
    private const MOST_YEARS = 7;

    /** Made, today, no more use: the first of what is told. */
    private const DATES = 3;

    private const DAYS_A_YEAR = 365.2425;

    /**
     * @param array{float, float}|null $made first and last day it may have been made
     * @param list<array{x: float, label: string}> $years
     * @param list<array{from: float, to: float, id: string, covers: Truth}> $bands
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public ?array $made,
        public float $today,
        public ?float $expires,
        public bool $expired,
        public array $years,
        public array $bands,
        public array $text,
    ) {}

    public static function of(CaseFile $case): self
    {
        $seat = $case->seat ?? new Seat();
        $expires = Expiry::firstDayOfNoMoreUse($seat->useUntil, $seat->madeOn, $seat->lifeYears);
        $matches = array_values(array_filter(
            array_map(static fn($campaign): RecallMatch => RecallMatch::of($campaign, $seat), $case->recallList->campaigns ?? []),
            static fn(RecallMatch $m): bool => $m->names !== Truth::No && ($seat->maker !== null || $m->covers === Truth::Yes),
        ));
        [$first, $last] = self::span($case->today, $seat->madeOn, $expires);
        $x = static fn(CalendarDate $date): float => round(
            self::LEFT + (self::RIGHT - self::LEFT) * max(0.0, min(1.0, ($date->dayNumber() - $first) / ($last - $first))),
            1,
        );

        return new self(
            $seat->madeOn === null ? null : [$x($seat->madeOn->earliest()), $x($seat->madeOn->latest())],
            $x($case->today),
            $expires === null ? null : $x($expires),
            $expires !== null && ! $expires->isAfter($case->today),
            self::years($first, $last, $x),
            array_map(static fn(RecallMatch $m): array => [
                'from' => $m->campaign->madeFrom === null ? (float) self::LEFT : $x($m->campaign->madeFrom),
                'to' => $m->campaign->madeTo === null ? (float) self::RIGHT : $x($m->campaign->madeTo),
                'id' => $m->campaign->id,
                'covers' => in_array($m->campaign->id, $seat->remedied, true) ? Truth::No : $m->covers,
            ], $matches),
            self::text($case->today, $seat, $expires, $matches),
        );
    }

    /** The same without what follows from it, for somebody who is to find that: no recall, nothing said to be over. */
    public function unjudged(): self
    {
        return new self($this->made, $this->today, $this->expires, false, $this->years, [], array_slice($this->text, 0, self::DATES));
    }

    /** @return array{int, int} first and last day number of the ruler, a year beyond what it must show */
    private static function span(CalendarDate $today, ?PartialDate $made, ?CalendarDate $expires): array
    {
        $days = array_map(
            static fn(CalendarDate $d): int => $d->dayNumber(),
            array_values(array_filter([$today, $made?->earliest(), $expires])),
        );
        $margin = (int) self::DAYS_A_YEAR;

        return count($days) === 1 ? [$days[0] - 5 * $margin, $days[0] + 5 * $margin] : [min($days) - $margin, max($days) + $margin];
    }

    /**
     * @param callable(CalendarDate): float $x
     * @return list<array{x: float, label: string}>
     */
    private static function years(int $first, int $last, callable $x): array
    {
        $from = (int) ceil(1970 + $first / self::DAYS_A_YEAR);
        $to = (int) floor(1970 + $last / self::DAYS_A_YEAR);
        $step = max(1, (int) ceil(($to - $from + 1) / self::MOST_YEARS));

        return array_map(
            static fn(int $year): array => ['x' => $x(CalendarDate::of($year, 1, 1)), 'label' => (string) $year],
            range($from, max($from, $to), $step),
        );
    }

    /**
     * @param list<RecallMatch> $matches
     * @return list<Message>
     */
    private static function text(CalendarDate $today, Seat $seat, ?CalendarDate $expires, array $matches): array
    {
        $made = $seat->madeOn;

        return [
            new Message('drawings.label.made', ['made' => $made, 'date' => match (true) {
                $made === null => 'unknown',
                $made->isFull() => 'whole',
                default => 'part',
            }]),
            new Message('drawings.label.today', ['today' => $today]),
            new Message('drawings.label.expires', ['expires' => $expires, 'known' => $expires !== null]),
            ...array_map(static fn(RecallMatch $m): Message => new Message('drawings.label.recall', [
                'campaign' => $m->campaign->id,
                'covers' => match (true) {
                    in_array($m->campaign->id, $seat->remedied, true) => 'remedied',
                    $m->covers === Truth::Yes => 'covers',
                    $m->covers === Truth::Unknown => 'may',
                    default => 'not',
                },
            ]), $matches),
        ];
    }

    /** Width of the time in which it may be used; nothing where it ended before it was made. */
    public function usable(): float
    {
        return max(0.0, ($this->expires ?? 0.0) - ($this->made[0] ?? 0.0));
    }

    /** Width of the time in which it may have been made. */
    public function blur(): float
    {
        return $this->made === null ? 0.0 : $this->made[1] - $this->made[0];
    }

    public function madeLabel(): float
    {
        return max((float) self::LEFT, ($this->made[0] ?? 0.0) - 20);
    }

    public static function bandWidth(float $from, float $to): float
    {
        return max(4.0, $to - $from);
    }

    /** @return array{float, int} beside its band, and not over that of the one before */
    public static function bandLabel(float $from, float $to, int $index): array
    {
        return [min(self::RIGHT - 70, max(self::LEFT, ($from + $to) / 2 - 30)), $index % 2 === 0 ? 18 : 36];
    }
}
