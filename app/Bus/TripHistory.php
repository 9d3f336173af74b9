<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\CheckupEvent;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Pagination\LengthAwarePaginator;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripRecord;
use MintBuckle\Core\Telling\Message;

/** The trips of one bus or of all, the latest first: who signed, what was found. */
final readonly class TripHistory
{
    private const A_PAGE = 30;

    /**
     * @param Collection<int, BusLayout> $layouts
     * @param LengthAwarePaginator<int, BusTrip> $trips
     */
    private function __construct(
        public Collection $layouts,
        public ?BusLayout $layout,
        public LengthAwarePaginator $trips,
        private CheckupEvent $event,
    ) {}

    /** @param int $bus 0: every one */
    public static function of(int $bus, CheckupEvent $event): self
    {
        $layouts = BusLayout::query()->orderBy('id')->get();
        $layout = $layouts->find($bus);
        $trips = BusTrip::query()->with('layout', 'marks')
            ->when($layout !== null, static fn($query) => $query->where('bus_layout_id', $layout?->id))
            ->orderByDesc('begun_at')->orderBy('id')
            ->paginate(self::A_PAGE)->withQueryString();

        return new self($layouts, $layout, $trips, $event);
    }

    public function begun(BusTrip $trip): Message
    {
        return TripPage::at($trip, $this->event);
    }

    public function state(BusTrip $trip): Message
    {
        $record = $trip->record();

        return new Message('trips.state', [
            'signed' => $trip->signed_at !== null,
            'initials' => (string) $trip->signed_with,
            'time' => $trip->signed_at === null ? '' : $this->event->clock($trip->signed_at),
            'open' => count($record->open()),
        ]);
    }

    /** @return list<array{where: Message, told: Message}> every fault that anybody noted, also one that was looked at again later */
    public function found(BusTrip $trip): array
    {
        return array_map(fn(array $found): array => [
            'where' => self::where($found[0]),
            'told' => TripLine::told($found[1], $this->event->clock(CarbonImmutable::parse($found[1]->at))),
        ], $trip->record()->everFound());
    }

    /** @return list<Message> what was found on more than one of the trips shown, the most often first */
    public function comingBack(): array
    {
        $records = array_values($this->trips->getCollection()->map(static fn(BusTrip $trip): TripRecord => $trip->record())->all());

        return array_map(static fn(array $again): Message => new Message('trips.again', [
            'where' => self::where($again['item']),
            'what' => TripLine::title($again['found']),
            'times' => $again['times'],
        ]), TripRecord::comingBack($records));
    }

    private static function where(TripItem $item): Message
    {
        return $item->row === null || $item->side === null
            ? new Message('trips.whole')
            : new Message('trips.bench', ['row' => $item->row, 'side' => $item->side]);
    }
}
