<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusTrip;
use App\Models\CheckupEvent;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripRecord;
use MintBuckle\Core\Telling\Message;

/** The list before a trip, bench by bench, as far as it was looked through. */
final readonly class TripPage
{
    /** Where a session keeps whose initials stand beside what is pressed. */
    public const INITIALS = 'bus.initials';

    /** @param string|null $initials null: nobody has said whose */
    private function __construct(
        public BusTrip $trip,
        public TripRecord $record,
        private CheckupEvent $event,
        public ?string $initials,
        public ?string $problem,
    ) {}

    public static function of(BusTrip $trip, Request $request, ?string $problem = null): self
    {
        $initials = $request->session()->get(self::INITIALS);
        $said = $problem ?? $request->session()->get('problem');

        return new self(
            $trip,
            $trip->record(),
            CheckupEvent::current(),
            is_string($initials) ? $initials : null,
            is_string($said) ? $said : null,
        );
    }

    public function begun(): Message
    {
        return self::at($this->trip, $this->event);
    }

    /** When a list was begun, where the event is held. */
    public static function at(BusTrip $trip, CheckupEvent $event): Message
    {
        return new Message('trips.at', ['day' => $event->dayOf($trip->begun_at), 'time' => $event->clock($trip->begun_at)]);
    }

    public function signed(): ?Message
    {
        return $this->trip->signed_at === null ? null : new Message('trips.signed', [
            'initials' => (string) $this->trip->signed_with,
            'time' => $this->event->clock($this->trip->signed_at),
        ]);
    }

    /** Whether lines can be pressed: somebody's initials are known, and nobody has signed. */
    public function isOpen(): bool
    {
        return $this->initials !== null && $this->trip->signed_at === null;
    }

    public function progress(): Message
    {
        return new Message('trips.progress', [
            'done' => count($this->record->items) - count($this->record->open()),
            'of' => count($this->record->items),
        ]);
    }

    /** @return list<TripBench> front to back, the bus as a whole first */
    public function benches(): array
    {
        $benches = $this->record->byBench();

        return array_map(
            fn(string $bench, array $items): TripBench => new TripBench($bench, array_map($this->line(...), $items)),
            array_keys($benches),
            array_values($benches),
        );
    }

    private function line(TripItem $item): TripLine
    {
        $mark = $this->record->of($item);

        return new TripLine($item, $mark, $mark === null ? null : $this->event->clock(CarbonImmutable::parse($mark->at)));
    }
}
