<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Truth\Truth;

/** Whether a seat may be used on an aircraft, and how. 14 CFR 121.311, from memory; the airline's own rules come on top. */
final readonly class FlightCard
{
    /** What a label must say, word for word on labels under the standard; from memory. */
    public const WORDING = 'This restraint is certified for use in motor vehicles and aircraft';

    /**
     * @param list<string> $missing paths of the seat's facts that would decide
     * @param list<string> $steps
     */
    private function __construct(
        public Truth $may,
        public string $because,
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
            return new self(Truth::No, 'Boosters cannot be used on an aircraft: there is no shoulder belt.', [], [], $source);
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

    private static function because(Seat $seat, ?ModeName $mode, ?ModeFit $fit, Truth $may, Truth $baseless): string
    {
        return match (true) {
            $seat->aircraftCertified === false => 'Its label does not say that it is certified for aircraft.',
            $baseless === Truth::No => 'Its shell would have to be belted without the base, which its maker does not allow.',
            $fit?->fits === Truth::No => 'The child is outside the limits of this way of riding: ' . implode('; ', $fit->because()) . '.',
            $may === Truth::Yes
                => 'Its label says it is certified for aircraft, and the child is within its limits as far as they are known here.',
            $mode === null => 'Say how it is to be used: rear-facing or forward-facing. A booster never is.',
            $seat->aircraftCertified === null => 'Look on the label for words like these: "' . self::WORDING . '".',
            $seat->detachable === null
                => 'Look whether its shell lifts off a base, which stays behind. A shell that only turns on its base does not.',
            $baseless === Truth::Unknown => 'Ask its manual whether the shell may be belted without its base.',
            default => 'The seat\'s own limits hold in the air too: weigh and measure the child, and see how it sits.',
        };
    }

    /** @return list<string> */
    private static function steps(Seat $seat, ?ModeName $mode): array
    {
        return array_values(array_filter([
            $seat->detachable === true ? 'The base stays behind: belt the shell by its own path.' : null,
            'Use the lap belt only, through the same path as in the car.',
            $mode?->facesRear() === true ? 'In narrow rows a more upright setting helps, if the child may have it.' : null,
            'A window place keeps the way out free; never in an exit row.',
            'Ask the airline before the day which rows it allows.',
        ]));
    }
}
