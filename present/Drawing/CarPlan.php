<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Seating\Rider;
use MintBuckle\Core\Seating\SeatingPlan;
use MintBuckle\Core\Seating\SeatingRequest;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * The car from above with a whole family in it, and a proposal's seats as ghosts where they differ. Widths to scale; pixels of a drawing
 * as CarAbove's.
 */
final readonly class CarPlan
{
    /** A place of usable width unknown is taken for this wide; so is a seat. In mm. */
    private const TYPICAL_PLACE_MM = 460.0;

    private const TYPICAL_SEAT_MM = 440.0;

    private const SEAT_LENGTH = 78.0;

    private const TO_THE_REAR = 'M0 31v-16m-8 9l8 9 8-9';

    private const TO_THE_FRONT = 'M0-31v16m-8-9l8-9 8 9';

    /**
     * @param list<CarPlace> $places
     * @param list<array{
     *     rider: string, place: string, x: float, y: float, width: float, length: float, left: float, front: float,
     *     arrow: string, label: array{float|int, float|int}, rear: bool, ghost: bool,
     * }> $seats centre of each; ghosts last
     * @param list<Message> $text the same in words
     */
    private function __construct(public array $places, public int $height, public array $seats, public array $text) {}

    public static function of(SeatingRequest $request, ?SeatingPlan $proposal): self
    {
        $places = CarAbove::places($request->vehicle->positions);
        $seats = [];
        foreach ($request->riders as $rider) {
            $seats[] = self::seat($rider, $rider->nowAt, $places, false);
        }
        foreach ($request->riders as $rider) {
            $to = $proposal->places[$rider->name] ?? $rider->nowAt;
            $seats[] = $to === $rider->nowAt ? null : self::seat($rider, $to, $places, true);
        }

        return new self($places, CarAbove::heightFor($places), array_values(array_filter($seats, is_array(...))), [
            ...array_map(
                static fn(Rider $r): Message => $r->nowAt === null
                    ? new Message('drawings.plan.nowhere', ['who' => $r->name])
                    : new Message('drawings.plan.at', ['who' => $r->name, 'at' => Answers::placeTitle($r->nowAt, within: true)]),
                $request->riders,
            ),
            ...array_map(
                static fn(CarPlace $p): Message => $p->signs === []
                    ? new Message('drawings.plan.unknown', ['place' => $p->title])
                    : new Message('drawings.plan.place', ['place' => $p->title, 'signs' => Listing::names($p->signs)]),
                $places,
            ),
        ]);
    }

    /**
     * @param list<CarPlace> $places
     * @return array{
     *     rider: string, place: string, x: float, y: float, width: float, length: float, left: float, front: float,
     *     arrow: string, label: array{float|int, float|int}, rear: bool, ghost: bool,
     * }|null
     */
    private static function seat(Rider $rider, ?string $at, array $places, bool $ghost): ?array
    {
        foreach ($places as $place) {
            if ($place->position->name === $at) {
                $pixelsAMm = CarAbove::PLACE_WIDTH / ($place->position->width?->base()->toFloat() ?? self::TYPICAL_PLACE_MM);

                $width = round(min(150.0, ($rider->seat?->width?->base()->toFloat() ?? self::TYPICAL_SEAT_MM) * $pixelsAMm), 1);

                return [
                    'rider' => $rider->name,
                    'place' => $at,
                    'x' => $place->middle()[0],
                    'y' => $place->middle()[1],
                    'width' => $width,
                    'length' => self::SEAT_LENGTH,
                    'left' => -$width / 2,
                    'front' => -self::SEAT_LENGTH / 2,
                    'arrow' => $rider->mode?->facesRear() === true ? self::TO_THE_REAR : self::TO_THE_FRONT,
                    'label' => $ghost ? [16 - $width / 2, 24 - self::SEAT_LENGTH / 2] : [0, 10],
                    'rear' => $rider->mode?->facesRear() === true,
                    'ghost' => $ghost,
                ];
            }
        }

        return null;
    }

    public function bodyPath(): string
    {
        return CarAbove::outline($this->height);
    }
}
