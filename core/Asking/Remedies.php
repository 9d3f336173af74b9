<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Situation;

/** What leads from a finding to its remedy, as its rule declares it, for the mode and the place in use. */
final readonly class Remedies
{
    /** Asked of a maker rear-facing alone. */
    private const REAR_ONLY = 'seat.tether_rear';

    /** @return list<string> paths of the facts that show whether a finding was put right */
    public static function facts(Finding $finding, Situation $s): array
    {
        $paths = Rulebook::current()->finds($finding->code, $finding->subject)->mendedBy;

        $known = array_filter($paths, static fn(string $path): bool => $finding->subject !== null || ! str_contains($path, '{subject}'));

        return self::inUse(array_values(str_replace('{subject}', $finding->subject ?? '', $known)), $s);
    }

    /** @return list<string> paths of the seat's own figures that would be held against */
    public static function ownFigures(Code $code, Situation $s): array
    {
        $paths = str_replace('{facing}', $s->isRear() ? 'rear' : 'forward', Rulebook::current()->finds($code)->ownFigures);

        return self::inUse(array_values(array_filter($paths, static fn(string $path): bool => $path !== self::REAR_ONLY || $s->isRear())), $s);
    }

    /**
     * @param list<string> $paths
     * @return list<string>
     */
    private static function inUse(array $paths, Situation $s): array
    {
        return array_map(static fn(string $path): string => match (true) {
            str_starts_with($path, 'vehicle.positions.*.') => $s->placePath(substr($path, strlen('vehicle.positions.*.'))),
            str_starts_with($path, 'seat.modes.*.') => $s->modePath(substr($path, strlen('seat.modes.*.'))),
            default => $path,
        }, $paths);
    }
}
