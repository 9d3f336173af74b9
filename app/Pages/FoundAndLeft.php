<?php

declare(strict_types=1);

namespace App\Pages;

use MintBuckle\Core\Finding\Assessment;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;

/** What was found open and is no longer there. */
final readonly class FoundAndLeft
{
    /** @return list<Finding> stops and fixes of the first assessment that the second does not have */
    public static function corrected(Assessment $found, Assessment $left): array
    {
        $still = array_map(self::key(...), $left->findings);

        return array_values(array_filter(
            $found->findings,
            static fn(Finding $f): bool => $f->severity->rank() <= Severity::Fix->rank() && ! in_array(self::key($f), $still, true),
        ));
    }

    private static function key(Finding $finding): string
    {
        return $finding->code->value . '/' . $finding->subject;
    }
}
