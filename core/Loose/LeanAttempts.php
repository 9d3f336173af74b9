<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Wedge\WedgeSize;

/** What changes how a rear-facing seat leans. Common practice; handbook section 8. */
final readonly class LeanAttempts
{
    /** @return list<Attempt> before tightening, where the maker allows it */
    public static function creaseFilled(AssessmentContext $s): array
    {
        return $s->isRear() && $s->seat?->wedgeOk === true ? [new Attempt(AttemptCode::CreaseFilled)] : [];
    }

    /** @return list<Attempt> other settings that this child may have */
    public static function settings(AssessmentContext $s): array
    {
        $now = $s->setup()->reclineSetting;
        $others = array_filter(ReclineSettings::of($s)->allowed(), static fn(int $setting): bool => $setting !== $now);

        return array_values(array_map(
            static fn(int $setting): Attempt => new Attempt(AttemptCode::OtherSetting, (string) $setting),
            $others,
        ));
    }

    /** @return list<Attempt> the stack that the angle asks for; without one a noodle first */
    public static function wedge(AssessmentContext $s): array
    {
        if ($s->seat?->wedgeOk !== true) {
            return [];
        }

        return match (WedgeSize::of($s)?->stack) {
            'three_noodles' => [new Attempt(AttemptCode::Noodles, '3')],
            'towel' => [new Attempt(AttemptCode::Towel)],
            'one_noodle' => [new Attempt(AttemptCode::Noodles, '1')],
            default => [new Attempt(AttemptCode::Noodles, '1'), new Attempt(AttemptCode::Towel)],
        };
    }
}
