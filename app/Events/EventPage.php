<?php

declare(strict_types=1);

namespace App\Events;

use App\Kit\KitStock;
use App\Models\CheckupEvent;
use App\Models\User;
use Carbon\CarbonImmutable;
use MintBuckle\Core\Capacity\ExpectedStarts;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Present\Drawing\LotAbove;
use MintBuckle\Present\Drawing\LotCar;

/** The event at a glance: the lot, who waits and until when, who works where, what is left of the kit, who has gone home. */
final readonly class EventPage
{
    public EventTally $tally;

    public CrewBoard $crew;

    /** @var list<VisitCard> by bay */
    public array $inBays;

    /** @var list<VisitCard> in the order in which they are called */
    public array $waiting;

    /**
     * @param list<VisitCard> $gone one page of them
     * @param int $page of those that have gone home, from 1
     * @param string $seen what stands here, in short: a screen that has it needs no other
     */
    private function __construct(
        public CheckupEvent $event,
        public CarbonImmutable $now,
        public KitStock $kit,
        public array $gone,
        public int $page,
        public string $seen,
        EventVisits $present,
        private User $reader,
    ) {
        $this->tally = EventTally::of($event);
        $this->crew = CrewBoard::of($event, $present, $now);
        $cards = $present->cards($now, $this->starts($present));
        $inBays = array_values(array_filter($cards, static fn(VisitCard $card): bool => $card->bay !== null));
        usort($inBays, static fn(VisitCard $a, VisitCard $b): int => $a->bay <=> $b->bay);
        $this->inBays = $inBays;
        $this->waiting = array_values(array_filter($cards, static fn(VisitCard $card): bool => $card->bay === null));
    }

    public static function of(CheckupEvent $event, CarbonImmutable $now, User $reader, int $page = 1): self
    {
        // Before anything else is read: what changes meanwhile is asked for again.
        $seen = EventPrint::of($event, $event->clock($now), $page);

        return new self(
            $event,
            $now,
            KitStock::of($event),
            EventVisits::gone($event, $page)->cards($now),
            $page,
            $seen,
            EventVisits::present($event),
            $reader,
        );
    }

    /** By now: 13:52. */
    public function clock(): string
    {
        return $this->event->clock($this->now);
    }

    public function recallListAge(): ?int
    {
        return $this->event->recallList === null ? null : (int) $this->event->recallList->dated->diffInDays($this->event->held_on);
    }

    public function isEmpty(): bool
    {
        return $this->inBays === [] && $this->waiting === [] && $this->tally->families === 0;
    }

    public function pages(): int
    {
        return max(1, (int) ceil($this->tally->families / EventVisits::PAGE));
    }

    public function next(): ?VisitCard
    {
        return $this->waiting[0] ?? null;
    }

    /** The lowest bay that nobody stands in; null: all are taken. */
    public function freeBay(): ?int
    {
        $taken = array_map(static fn(VisitCard $card): int => (int) $card->bay, $this->inBays);

        return array_values(array_diff(range(1, $this->event->bays), $taken))[0] ?? null;
    }

    /** @return list<AtWork> who could take the next family */
    public function free(): array
    {
        return $this->crew->free($this->reader);
    }

    /** How long that family will take at today's pace. */
    public function minutesFor(VisitCard $card): int
    {
        return (int) round($this->tally->pace->minutes($card->seats()));
    }

    /** When the last one that waits is expected to be called; null: nobody waits. */
    public function lastStarts(): ?string
    {
        return array_reverse($this->waiting)[0]->starts ?? null;
    }

    public function lot(): LotAbove
    {
        return LotAbove::of($this->event->bays, array_map(fn(VisitCard $card): LotCar => new LotCar(
            (int) $card->bay,
            trim("{$card->ticket} · {$card->family}", ' ·'),
            $this->crew->nameOf($card->workedBy),
            $card->minutes ?? 0,
            $this->minutesFor($card),
            array_map(static fn(CheckLine $line): array => [
                'letter' => $line->letter,
                'place' => $line->place,
                'verdict' => $line->verdict,
                'address' => route('checks.show', [$line->id, $line->phase->value, Station::Label->value]),
            ], $card->checks),
        ), $this->inBays));
    }

    /** @return array<int, string> by visit that waits, as the event's clock will show it */
    private function starts(EventVisits $present): array
    {
        $inBays = array_values(array_filter($present->visits, static fn(VisitRow $visit): bool => $visit->bay !== null));
        $waiting = array_values(array_filter($present->visits, static fn(VisitRow $visit): bool => $visit->bay === null));
        $minutes = ExpectedStarts::of(
            array_map(fn(VisitRow $visit): array => [
                'minutes' => (float) $visit->minutes($this->now),
                'seats' => $present->seats($visit),
            ], $inBays),
            array_map($present->seats(...), $waiting),
            min($this->event->bays, count($inBays) + $this->crew->idle()),
            $this->tally->pace,
        );

        return array_combine(
            array_column($waiting, 'id'),
            array_map(fn(float $start): string => $this->event->clock($this->now->addMinutes((int) round($start))), $minutes),
        );
    }
}
