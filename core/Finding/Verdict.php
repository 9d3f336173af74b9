<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** What a check says as a whole, worst first. */
enum Verdict: string
{
    case DoNotUse = 'do_not_use';
    case FixFirst = 'fix_first';
    case NotFinished = 'not_finished';
    case GoodToRide = 'good_to_ride';

    public function isWorseThan(self $other): bool
    {
        return array_search($this, self::cases(), true) < array_search($other, self::cases(), true);
    }

    public function worse(self $other): self
    {
        return $this->isWorseThan($other) ? $this : $other;
    }

    /**
     * The worst open finding decides; an unanswered question never lets a check finish.
     *
     * @param list<Finding> $findings
     * @param list<Question> $questions
     */
    public static function of(array $findings, array $questions): self
    {
        $worst = array_reduce(
            $findings,
            static fn(int $rank, Finding $f): int => min($rank, $f->severity->rank()),
            Severity::Advise->rank(),
        );

        return match (true) {
            $worst === Severity::Stop->rank() => self::DoNotUse,
            $worst === Severity::Fix->rank() => self::FixFirst,
            $worst === Severity::Ask->rank() || $questions !== [] => self::NotFinished,
            default => self::GoodToRide,
        };
    }

    public function title(): Message
    {
        return new Message("verdicts.{$this->value}");
    }
}
