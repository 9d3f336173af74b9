<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\CheckupEvent;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Telling\Message;

/** The questions of a check as an empty form to print, by station, in the practised order: boxes where few answers are, else a line. */
final readonly class PaperCheck
{
    /** More answers than these are written, not ticked. */
    private const BOXES = 6;

    private function __construct(private CaseFile $blank) {}

    public static function blank(CheckupEvent $event): self
    {
        return new self(Reader::fromObject(AssembleCase::begin($event)));
    }

    /** @return list<Station> those of a car */
    public function stations(): array
    {
        return Station::of(false);
    }

    /** @return list<Askable> */
    public function at(Station $station): array
    {
        $asked = array_filter(Questionnaire::standard()->all, static fn(Askable $one): bool => $one->station === $station
            && $one->kind !== AnswerKind::Elsewhere
            && in_array($one->when, [AskedWhen::InTurn, AskedWhen::WhenNeeded], true)
            && ! str_starts_with($one->path, 'bus.'));
        usort($asked, static fn(Askable $a, Askable $b): int => $a->order <=> $b->order);

        return $asked;
    }

    /** @return array<int|string, Message|string> boxes to tick; none: a line to write on */
    public function boxes(Askable $askable): array
    {
        $choices = $askable->choices($this->blank);

        return count($choices) > self::BOXES ? [] : $choices;
    }
}
