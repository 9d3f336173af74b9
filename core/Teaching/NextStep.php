<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Message;

/** A change ahead: what must hold first ("not before"), and when it is likely to come ("about"). */
final readonly class NextStep
{
    /**
     * @param list<Condition> $conditions all of them must hold
     * @param PartialDate|null $about the month in which what the child rides in now is likely outgrown; null: nobody can tell
     * @param bool $isOffered whether this seat can be used so
     */
    public function __construct(
        public NextKind $kind,
        public array $conditions,
        public ?PartialDate $about,
        public bool $isOffered,
    ) {}

    public function title(): Message
    {
        return new Message("teaching.next.{$this->kind->value}.title", ['offered' => $this->isOffered]);
    }

    public function reason(): Message
    {
        return new Message("teaching.next.{$this->kind->value}.why");
    }

    /** "Not before": the latest month of what is not met yet; null where all is met, or where one cannot be told. */
    public function notBefore(): ?PartialDate
    {
        $latest = null;
        foreach ($this->open() as $condition) {
            if ($condition->month === null) {
                return null;
            }
            $latest = $latest === null || $condition->month->earliest()->isAfter($latest->earliest()) ? $condition->month : $latest;
        }

        return $latest;
    }

    /** @return list<Condition> not met yet, or not known */
    public function open(): array
    {
        return array_values(array_filter($this->conditions, static fn(Condition $c): bool => $c->met !== true));
    }

    /** "About August 2028", never before what must hold first. */
    public function likely(): ?PartialDate
    {
        $floor = $this->notBefore();

        return match (true) {
            $this->about === null => null,
            $floor !== null && $floor->earliest()->isAfter($this->about->earliest()) => $floor,
            default => $this->about,
        };
    }

    /** Whether what the child rides in now is outgrown before the change is allowed: another seat bridges the gap. */
    public function hasGap(): bool
    {
        return $this->about !== null && $this->notBefore()?->earliest()->isAfter($this->about->earliest()) === true;
    }

    /** When, in one sentence. */
    public function when(): Message
    {
        $likely = $this->likely();

        return new Message('teaching.when', [
            'floor' => match (true) {
                $this->open() === [] => 'met',
                $this->notBefore() === null => 'unknown',
                default => 'month',
            },
            'month' => $this->notBefore(),
            'likely' => $likely !== null,
            'about' => $likely,
        ]);
    }
}
