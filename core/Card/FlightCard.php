<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Truth;

/** Whether a seat may be used on an aircraft, and how. 14 CFR 121.311, from memory; the airline's own rules come on top. */
final readonly class FlightCard
{
    /** @param list<string> $steps */
    private function __construct(public Truth $may, public string $because, public array $steps, public Source $source) {}

    /**
     * @param bool|null $certified whether the label says that it is certified for aircraft
     * @param bool|null $detachable whether the shell lifts off a base
     */
    public static function of(?bool $certified, ?ModeName $mode, ?bool $detachable): self
    {
        $isBooster = $mode !== null && ! $mode->isHarness();
        $may = $isBooster ? Truth::No : Truth::of($certified);

        return new self(
            $may,
            match (true) {
                $isBooster => 'Boosters cannot be used on an aircraft: there is no shoulder belt.',
                $certified === null => 'Look on the label whether the seat is certified for use in aircraft.',
                $certified => 'Its label says it is certified for aircraft.',
                default => 'Its label does not say that it is certified for aircraft.',
            },
            $may !== Truth::Yes ? [] : array_values(array_filter([
                $detachable === true ? 'The base stays behind: belt the shell by its own path.' : null,
                'Use the lap belt only, through the same path as in the car.',
                $mode === ModeName::RearHarness ? 'In narrow rows a more upright setting helps, if the child may have it.' : null,
                'A window place keeps the way out free; never in an exit row.',
                'Ask the airline before the day which rows it allows.',
            ])),
            Source::memory('14 CFR 121.311'),
        );
    }
}
