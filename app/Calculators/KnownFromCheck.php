<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Models\Check;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Record\InspectionPhase;

/** What a check knows that a calculator opened from it reads and need not ask: its seat, its child, how it is used. */
final readonly class KnownFromCheck
{
    /** @return array<string, mixed> by path, in the case format's shape; none of the car: another one may wait at the other end */
    public static function facts(Check $check): array
    {
        $folded = $check->caseOf(InspectionPhase::Left);
        $case = $folded->raw;
        $system = $folded->case->bus?->system;
        $facts = $system?->isOfBusesOnly() === true ? ['bus.system' => $system->value] : [];
        foreach (['seat', 'child', 'setup.mode', ...Calculator::SEATED] as $path) {
            $facts[$path] = CasePath::get($case, $path);
        }

        return array_filter($facts, static fn(mixed $fact): bool => $fact !== null);
    }
}
