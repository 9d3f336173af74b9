<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/**
 * Whether a seat may be used on an aircraft. 14 CFR 121.311 and the label's words of 49 CFR 571.213, both from memory; the airline's
 * own rules come on top.
 */
final readonly class FlightCard
{
    /**
     * @param list<FlightPoint> $points what decides it, each of them
     * @param list<string> $missing paths of the facts that would decide
     */
    private function __construct(
        public Truth $may,
        public Message $because,
        public array $points,
        public array $missing,
        public Citation $source,
    ) {}

    /**
     * @param ModeName|null $mode how it is to be used
     * @param ModeFit|null $fit whether the child is within the limits of that way; null where nothing is known of the child
     * @param list<Finding> $findings
     */
    public static function of(Seat $seat, ?ModeName $mode, ?ModeFit $fit, array $findings = []): self
    {
        return self::by($mode !== null && ! $mode->hasHarness() ? [self::point(Truth::No, 'booster')] : array_values(array_filter([
            self::way($mode),
            self::sound($findings),
            self::label($seat),
            self::base($seat),
            self::fits($fit),
        ])));
    }

    /** @param list<FlightPoint> $points */
    private static function by(array $points): self
    {
        $may = Truth::all(...array_map(static fn(FlightPoint $point): Truth => $point->holds, $points));
        $missing = array_merge(...array_map(static fn(FlightPoint $point): array => $point->missing, $points));

        return new self(
            $may,
            self::because($may, $points),
            $points,
            $may === Truth::Unknown ? array_values(array_unique($missing)) : [],
            Source::AirTravel->cite(),
        );
    }

    /** @param list<Finding> $findings of the seat's own check: what may not be used on the road may not be used in the air */
    public static function in(AssessmentContext $s, array $findings = []): self
    {
        return $s->system?->isOfBusesOnly() === true
            ? self::by([self::point(Truth::No, 'bus')])
            : self::of($s->seat ?? new Seat(), $s->mode, ModeFits::of($s)->for($s->mode), $findings);
    }

    /**
     * The first point that decides it.
     *
     * @param list<FlightPoint> $points
     */
    private static function because(Truth $may, array $points): Message
    {
        foreach ($points as $point) {
            if ($may !== Truth::Yes && $point->holds === $may) {
                return $point->told;
            }
        }

        return new Message('flight.yes');
    }

    /** @param list<string> $missing */
    private static function point(Truth $holds, string $key, array $missing = [], Source $source = Source::AirTravel): FlightPoint
    {
        return new FlightPoint($holds, new Message("flight.{$key}"), $source->cite(), $missing);
    }

    private static function way(?ModeName $mode): FlightPoint
    {
        return $mode === null ? self::point(Truth::Unknown, 'how', ['setup.mode']) : self::point(Truth::Yes, 'harness');
    }

    /** @param list<Finding> $findings */
    private static function sound(array $findings): ?FlightPoint
    {
        $stops = array_filter($findings, static fn(Finding $f): bool => $f->severity === Severity::Stop
            && ($f->code->station() === Station::Label || $f->code->station() === Station::History));

        return $stops === [] ? null : self::point(Truth::No, 'unsound', [], Source::SeatManual);
    }

    private static function label(Seat $seat): FlightPoint
    {
        return match ($seat->aircraftCertified) {
            true => self::point(Truth::Yes, 'certified', [], Source::AircraftLabel),
            false => self::point(Truth::No, 'not_certified', [], Source::AircraftLabel),
            null => self::point(Truth::Unknown, 'wording', ['seat.aircraft_certified'], Source::AircraftLabel),
        };
    }

    /** A shell that lifts off leaves its base behind and is belted by its own path; its maker must allow that. */
    private static function base(Seat $seat): ?FlightPoint
    {
        return match (true) {
            $seat->detachable === false => null,
            $seat->detachable === null => self::point(Truth::Unknown, 'look_base', ['seat.detachable']),
            $seat->baseless === null => self::point(Truth::Unknown, 'ask_base', ['seat.baseless'], Source::SeatManual),
            $seat->baseless === Permission::Allowed => self::point(Truth::Yes, 'baseless', [], Source::SeatManual),
            default => self::point(Truth::No, 'base', [], Source::SeatManual),
        };
    }

    private static function fits(?ModeFit $fit): FlightPoint
    {
        return match ($fit?->fits) {
            Truth::Yes => self::point(Truth::Yes, 'fits', [], Source::SeatManual),
            Truth::No => new FlightPoint(
                Truth::No,
                new Message('flight.outside', ['why' => Listing::clauses($fit->because())]),
                Source::SeatManual->cite(),
            ),
            default => self::point(Truth::Unknown, 'weigh', $fit->missing ?? ['child.weight', 'child.height'], Source::SeatManual),
        };
    }
}
