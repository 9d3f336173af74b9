<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Everybody where they are now: what the rules say of each place, with all others in theirs. */
final readonly class Arrangement
{
    /**
     * @param array<int, list<Finding>> $findings by rider
     * @param array<int, list<string>> $unknown by rider: paths of facts to be looked at
     * @param Finding|null $tooWide seats side by side
     * @param list<string> $tooWideAt their places
     */
    private function __construct(public array $findings, public array $unknown, public ?Finding $tooWide, public array $tooWideAt) {}

    public static function of(SeatingRequest $request): self
    {
        $judge = PlaceJudge::of($request);
        $findings = [];
        $unknown = [];
        foreach ($request->riders as $index => $rider) {
            $mode = $judge->modeOf($rider);
            $place = self::placeOf($request, $rider);
            [$findings[$index], $unknown[$index]] = $mode === null || $place === null
                ? [[], []]
                : $judge->at($rider, $mode, $place, self::taken($request, $rider));
        }
        $run = self::tooWide($request);

        return new self($findings, $unknown, $run === null ? null : self::finding($run), $run[0] ?? []);
    }

    /** @return list<string> places that others have */
    private static function taken(SeatingRequest $request, Rider $rider): array
    {
        return array_values(array_filter(
            array_map(static fn(Rider $r): ?string => $r === $rider ? null : $r->nowAt, $request->riders),
            is_string(...),
        ));
    }

    private static function placeOf(SeatingRequest $request, Rider $rider): ?int
    {
        foreach ($request->vehicle->positions as $index => $position) {
            if ($position->name === $rider->nowAt) {
                return $index;
            }
        }

        return null;
    }

    /** @return array{list<string>, Length, Length}|null places, width of the seats, width of the places */
    private static function tooWide(SeatingRequest $request): ?array
    {
        $numbers = [];
        foreach (self::widestAt($request) as $place => $rider) {
            $position = $request->vehicle->positions[$place];
            $numbers[$position->row()] = ($numbers[$position->row()] ?? 0) + RowWidths::digit($position, $rider);
        }
        $widths = new RowWidths(
            $request->vehicle->positions,
            array_map(static fn(Rider $r): ?Length => $r->seat?->width, $request->riders),
            array_map(static fn(Rider $r): bool => $r->mode?->hasSeat() !== false, $request->riders),
        );
        foreach ($numbers as $row => $number) {
            $run = $widths->tooWide($row, $number);
            if ($run !== null) {
                return [array_map(static fn(SeatingPosition $p): string => $p->name, $run[0]), $run[1], $run[2]];
            }
        }

        return null;
    }

    /**
     * Who is held against the width of each place: where two children were put at one, the wider seat.
     *
     * @return array<int, int> rider by place
     */
    private static function widestAt(SeatingRequest $request): array
    {
        $width = static fn(int $rider): Length => $request->riders[$rider]->seat->width ?? Length::of(0);
        $at = [];
        foreach ($request->riders as $index => $rider) {
            $place = self::placeOf($request, $rider);
            if ($place !== null && (! isset($at[$place]) || $width($at[$place])->isLessThan($width($index)))) {
                $at[$place] = $index;
            }
        }

        return $at;
    }

    /** @param array{list<string>, Length, Length} $run */
    private static function finding(array $run): Finding
    {
        [$places, $seats, $usable] = $run;

        return new Finding(
            Code::of('place.too_wide'),
            Severity::Fix,
            with: [
                'seats' => $seats,
                'usable' => $usable,
                'places' => Listing::all(array_map(
                    static fn(string $place): Message => new Message("places.{$place}", within: true),
                    $places,
                )),
            ],
            observed: $seats,
            limit: $usable,
            from: 'vehicle',
            sources: [Source::Common->cite()],
        );
    }
}
