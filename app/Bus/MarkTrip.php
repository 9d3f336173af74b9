<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\UnreadableAnswer;
use App\Models\BusTrip;
use App\Models\BusTripMark;
use App\Models\User;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripOutcome;
use MintBuckle\Core\Finding\Code;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Keeps what was seen at lines of a trip's list. Sent twice, it is kept once. */
final readonly class MarkTrip
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string $id of the press, chosen by who sends it
     * @param list<string> $items keys of the lines
     * @param string|null $found code of what was wrong
     * @throws UnreadableAnswer when a line is not of the list, nothing says what was found, or the list is signed
     */
    public function __invoke(
        BusTrip $trip,
        string $id,
        array $items,
        TripOutcome $outcome,
        ?string $found,
        ?string $note,
        string $initials,
        User $author,
    ): void {
        OpenTrip::write($trip, function (BusTrip $trip) use ($id, $items, $outcome, $found, $note, $initials, $author): void {
            $lines = array_filter($trip->record()->items, static fn(TripItem $item): bool => in_array($item->key, $items, true));
            if ($lines === [] || count($lines) < count($items)) {
                throw UnreadableAnswer::because('trip.line');
            }
            foreach ($lines as $line) {
                self::look($line, $outcome, $found, $note);
                BusTripMark::query()->insertOrIgnore([
                    'id' => Uuid::v5(Uuid::fromString($id), $line->key)->toRfc4122(),
                    'bus_trip_id' => $trip->id,
                    'item' => $line->key,
                    'outcome' => $outcome->value,
                    'found' => $outcome === TripOutcome::Right ? null : $found,
                    'note' => $note,
                    'initials' => $initials,
                    'made_by' => $author->id,
                    'made_at' => $this->clock->now(),
                ]);
            }
        });
    }

    /** @throws UnreadableAnswer */
    private static function look(TripItem $line, TripOutcome $outcome, ?string $found, ?string $note): void
    {
        $known = array_map(static fn(Code $code): string => $code->value, $line->look->faults($line->system));
        if ($found !== null && ! in_array($found, $known, true)) {
            throw UnreadableAnswer::because('trip.fault');
        }
        if ($outcome !== TripOutcome::Right && $found === null && $note === null) {
            throw UnreadableAnswer::because('trip.what');
        }
    }
}
