<?php

declare(strict_types=1);

namespace App\Practice;

use App\Checks\UnreadableAnswer;
use App\Models\Check;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use stdClass;

/**
 * A real check of the past as a drill: as the seat was found, without anything that names a child, a family, a person or one seat. The
 * child's day of birth becomes an age, the seat's serial number goes, and so does who signed.
 */
final readonly class CheckDrill
{
    /**
     * @return array{seed: int, level: int, fixed: null, code: null, case: string, good: string} as a class keeps it
     * @throws UnreadableAnswer where the family has not left, or nothing was wrong
     */
    public static function item(Check $check): array
    {
        $found = self::nameless($check, InspectionPhase::Found);
        $faults = $found?->codes() ?? [];
        if ($found === null || $check->visit->left_at === null || $faults === []) {
            throw UnreadableAnswer::because('practice.no_drill');
        }
        $left = self::nameless($check, InspectionPhase::Left);

        return [
            'seed' => 0,
            'level' => count(array_unique($faults)),
            'fixed' => null,
            'code' => null,
            'case' => json_encode($found->case, JSON_THROW_ON_ERROR),
            'good' => json_encode(($left ?? $found)->case, JSON_THROW_ON_ERROR),
        ];
    }

    private static function nameless(Check $check, InspectionPhase $phase): ?Scene
    {
        $folded = $check->caseOf($phase);
        $case = FactLog::asKept($folded->raw);
        assert($case instanceof stdClass);
        $scene = Scene::of($case);
        $age = $scene?->assessment->situation->age?->toInt();
        foreach (['child.born_on', 'child.due_on', 'seat.serial', 'handover'] as $path) {
            CasePath::set($case, $path, null);
        }
        CasePath::set($case, 'child.age_months', $age);
        CasePath::set($case, 'policy.second_signer', false);

        return Scene::of($case)?->with([]);
    }
}
