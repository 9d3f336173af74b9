<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** Whether a seat may be used on an aircraft, and how. 14 CFR 121.311, from memory; the airline's own rules come on top. */
final readonly class FlightCard
{
    /**
     * @param list<string> $missing paths of the seat's facts that would decide
     * @param list<Message> $steps
     */
    private function __construct(
        public Truth $may,
        public Message $because,
        public array $missing,
        public array $steps,
        public Citation $source,
    ) {}

    /**
     * @param ModeName|null $mode how it is to be used
     * @param ModeFit|null $fit whether the child is within the limits of that way; null where nothing is known of the child
     */
    public static function of(Seat $seat, ?ModeName $mode, ?ModeFit $fit): self
    {
        $source = Source::AirTravel->cite();
        if ($mode !== null && ! $mode->hasHarness()) {
            return new self(Truth::No, new Message('flight.booster'), [], [], $source);
        }
        $baseless = self::mayLeaveItsBase($seat);
        $kind = $mode === null ? Truth::Unknown : Truth::Yes;
        $may = Truth::of($seat->aircraftCertified)->and($baseless)->and($fit->fits ?? Truth::Unknown)->and($kind);
        $missing = [
            ...($mode === null ? ['setup.mode'] : []),
            ...($seat->aircraftCertified === null ? ['seat.aircraft_certified'] : []),
            ...($seat->detachable === null ? ['seat.detachable'] : []),
            ...($baseless === Truth::Unknown && $seat->detachable === true ? ['seat.baseless'] : []),
            ...($fit === null ? ['child.weight', 'child.height'] : ($fit->fits === Truth::Unknown ? $fit->missing : [])),
        ];

        return new self(
            $may,
            self::because($seat, $mode, $fit, $may, $baseless),
            $may === Truth::Unknown ? array_values(array_unique($missing)) : [],
            $may === Truth::Yes ? self::steps($seat, $mode) : [],
            $source,
        );
    }

    /** A shell that lifts off leaves its base behind and is belted by its own path; its maker must allow that. */
    private static function mayLeaveItsBase(Seat $seat): Truth
    {
        return match ($seat->detachable) {
            null => Truth::Unknown,
            false => Truth::Yes,
            true => $seat->baseless === null ? Truth::Unknown : Truth::of($seat->baseless === Permission::Allowed),
        };
    }

    private static function because(Seat $seat, ?ModeName $mode, ?ModeFit $fit, Truth $may, Truth $baseless): Message
    {
        return match (true) {
            $seat->aircraftCertified === false => new Message('flight.not_certified'),
            $baseless === Truth::No => new Message('flight.base'),
            $fit?->fits === Truth::No => new Message('flight.outside', ['why' => Listing::clauses($fit->because())]),
            $may === Truth::Yes
                => new Message('flight.yes'),
            $mode === null => new Message('flight.how'),
            $seat->aircraftCertified === null => new Message('flight.wording'),
            $seat->detachable === null
                => new Message('flight.look_base'),
            $baseless === Truth::Unknown => new Message('flight.ask_base'),
            default => new Message('flight.weigh'),
        };
    }

    /** @return list<Message> */
    private static function steps(Seat $seat, ?ModeName $mode): array
    {
        return array_values(array_filter([
            $seat->detachable === true ? new Message('flight.step_base') : null,
            new Message('flight.step_belt'),
            $mode?->facesRear() === true ? new Message('flight.step_upright') : null,
            new Message('flight.step_window'),
            new Message('flight.step_airline'),
        ]));
    }
}
