<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** What earlier checks of seats like this one teach, with their numbers; nothing before there are enough of them. */
final readonly class Lesson
{
    /** From so many checks on. This project's own choice: what was seen once or twice is an anecdote. */
    public const ENOUGH = 3;

    /** So many errors and so many ways that worked are told: the project's own choice, what one takes in at a glance. */
    private const TOLD = 3;

    private const LOOSE = 'measure.loose';

    private function __construct(private Figures $figures) {}

    /** Null where too few were checked. */
    public static function of(Figures $figures): ?self
    {
        return ($figures->seats() ?? 0) < self::ENOUGH ? null : new self($figures);
    }

    /** How many came with an error, of how many. */
    public function erring(): Message
    {
        return new Message('report.seen.erring', [
            'n' => $this->figures->of(Measure::Erring),
            'of' => $this->figures->seats(),
        ]);
    }

    /** The errors found most often, each with its number; null where none was found. */
    public function errors(): ?Message
    {
        $codes = array_slice($this->figures->codes(), 0, self::TOLD);

        return $codes === [] ? null : new Message('report.seen.errors', ['errors' => Listing::names(array_map(
            fn(string $code): Message => new Message('report.seen.error', [
                'error' => FigureNames::of(Measure::Found, $code),
                'n' => $this->figures->of(Measure::Found, $code),
            ]),
            $codes,
        ))]);
    }

    /** How many were loose as found, and how many of these held before they left; null where none was. */
    public function loose(): ?Message
    {
        $loose = $this->figures->of(Measure::Found, self::LOOSE);

        return $loose === 0 ? null : new Message('report.seen.loose', [
            'n' => $loose,
            'of' => $this->figures->seats(),
            'held' => $this->figures->of(Measure::PutRight, self::LOOSE),
        ]);
    }

    /** @return list<Message> what was tried last before it held, with how often, of how often it was tried; most often first */
    public function worked(): array
    {
        $told = [];
        foreach (array_slice($this->figures->keys(Measure::Worked), 0, self::TOLD) as $key) {
            $attempt = Attempt::named($key);
            $attempt === null || $told[] = new Message('report.seen.worked', [
                'step' => $attempt->step(),
                'n' => $this->figures->of(Measure::Worked, $key),
                'of' => $this->figures->of(Measure::Tried, $key),
            ]);
        }

        return $told;
    }
}
