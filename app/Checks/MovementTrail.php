<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Record\ReinspectionRules;

/** The tries of the movement, with what was changed and tried between them. */
final readonly class MovementTrail
{
    private const MOVED = [
        'setup.movement.side', 'setup.movement.front', 'setup.movement.up',
        'setup.movement.side_felt', 'setup.movement.front_felt', 'setup.movement.up_felt',
    ];

    /** @return list<LogLine> in the order in which it was done; none before the second try */
    public static function of(FactLog $facts, CaseFile $case): array
    {
        if (count($facts->given(...self::MOVED)) < 2) {
            return [];
        }
        [$known, $lines] = [[], []];
        foreach ($facts->entries as $entry) {
            $changed = isset($known[$entry->key]) && $known[$entry->key] !== $entry->json && self::disturbs($entry->key);
            $known[$entry->key] = $entry->json;
            if ($entry->json !== 'null' && ($changed || self::isTry($entry))) {
                $lines[] = LogLine::entry($entry, $case);
            }
        }

        return $lines;
    }

    private static function isTry(LoggedFact $entry): bool
    {
        return in_array($entry->key, self::MOVED, true) || AnnotationKind::ofKey($entry->key) === AnnotationKind::Tried;
    }

    /** Whether the movement must be tried again once this fact has changed. */
    private static function disturbs(string $path): bool
    {
        return array_intersect(ReinspectionRules::standard()->after($path), self::MOVED) !== [];
    }
}
