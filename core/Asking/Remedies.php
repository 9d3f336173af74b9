<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finds;

/** What leads from a finding to its remedy, as its rule declares it, for the mode and the place in use. */
final readonly class Remedies
{
    /** Asked of a maker rear-facing alone. */
    private const REAR_ONLY = 'seat.tether_rear';

    /** What stands on a bus for a fact of the car. */
    private const ON_BUS = ['setup.held_by' => 'bus.held_by', 'setup.position' => 'bus.place'];

    /**
     * @param string|null $subject of the finding
     * @return list<string> paths of the facts that show whether it was put right
     */
    public static function facts(Finds $finds, ?string $subject, AssessmentContext $s): array
    {
        $known = array_filter($finds->mendedBy, static fn(string $path): bool => $subject !== null || ! str_contains($path, '{subject}'));

        return self::inUse(array_values(str_replace('{subject}', $subject ?? '', $known)), $s);
    }

    /** @return list<string> paths of the seat's own figures that would be held against */
    public static function ownFigures(Finds $finds, AssessmentContext $s): array
    {
        $paths = str_replace('{facing}', $s->isRear() ? 'rear' : 'forward', $finds->ownFigures);

        return self::inUse(
            array_values(array_filter($paths, static fn(string $path): bool => $path !== self::REAR_ONLY || $s->isRear())),
            $s,
        );
    }

    /**
     * @param list<string> $paths
     * @return list<string>
     */
    private static function inUse(array $paths, AssessmentContext $s): array
    {
        return array_map(static fn(string $path): string => match (true) {
            $s->bus !== null && isset(self::ON_BUS[$path]) => self::ON_BUS[$path],
            str_starts_with($path, 'vehicle.positions.*.') => $s->placePath(substr($path, strlen('vehicle.positions.*.'))),
            str_starts_with($path, 'seat.modes.*.') => $s->modePath(substr($path, strlen('seat.modes.*.'))),
            default => $path,
        }, $paths);
    }
}
