<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Rulebook;

/** What was found open and is no longer there. */
final readonly class Corrected
{
    /**
     * Findings that are gone, and whose facts were looked at again: what waits to be measured is not put right yet.
     *
     * @param list<Finding> $found stops and fixes as found
     * @return list<Finding>
     */
    public static function of(array $found, Assessment $left, Rulebook $rulebook): array
    {
        $still = array_map(static fn(Finding $f): string => $f->key(), $left->findings);
        $open = array_map(static fn(Question $q): string => $q->path, $left->questions);

        return array_values(array_filter($found, static function (Finding $f) use ($still, $open, $left, $rulebook): bool {
            return ! in_array($f->key(), $still, true) && array_intersect(
                Remedies::facts($rulebook->finds($f->code, $f->subject), $f->subject, $left->situation),
                $open,
            ) === [];
        }));
    }
}
