<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\FactDefinitions;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Telling\Message;

/** Every fact that can be asked of a person, by station, in the order in which it is looked at. */
final readonly class Questionnaire
{
    private const MOST_AT_A_STATION = 10_000;

    /** @var array<string, Askable> */
    private array $byPath;

    /** @param list<Askable> $all */
    private function __construct(public array $all)
    {
        $this->byPath = array_combine(array_map(static fn(Askable $a): string => $a->path, $all), $all);
    }

    /** The most specific entry for a path; null for facts that come with the seat, the car or the day. */
    public function for(string $path): ?Askable
    {
        if (isset($this->byPath[$path])) {
            return $this->byPath[$path];
        }
        foreach ($this->all as $askable) {
            if ($askable->hasStar() && $askable->matches($path)) {
                return $askable;
            }
        }

        return null;
    }

    /** What a fact is called within a sentence, and where in the car it is looked at. */
    public static function named(string $path): Message
    {
        $askable = self::standard()->for($path);
        $name = new Message($askable === null ? 'answers.unsaid' : "facts.{$askable->path}.short", within: true);

        return preg_match('/\Avehicle\.positions\.(\w\w)\./', $path, $m) === 1
            ? new Message('facts.at_place', ['fact' => $name, 'place' => Answers::placeTitle($m[1], within: true)])
            : $name;
    }

    /** @return list<Askable> */
    public function at(Station $station): array
    {
        return array_values(array_filter($this->all, static fn(Askable $a): bool => $a->station === $station));
    }

    public static function standard(): self
    {
        /** @var self|null $made once: it never changes, and every answer looks into it several times */
        static $made = null;

        return $made ??= new self(self::entries());
    }

    /** @return list<Askable> */
    private static function entries(): array
    {
        $all = [];
        foreach (FactDefinitions::below(CaseFile::class) as $fact) {
            $asked = $fact->field->asked;
            if ($asked !== null) {
                $all[$asked->station->rank() * self::MOST_AT_A_STATION + $asked->order][] = Askable::of($fact, $asked);
            }
        }
        ksort($all);

        return array_merge(...$all);
    }
}
