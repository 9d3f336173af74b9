<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\LapPart;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at the child in the booster settles. */
final readonly class BoosterFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $advise = Severity::Advise;
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value; message, remedy
            new FactRule(Code::of('booster.lap'),         $fix,    When::Booster,  true,  'setup.booster.lap',             static fn(AssessmentContext $s): ?LapPart => $s->setup()->booster?->lap, LapPart::Belly),
            new FactRule(Code::of('booster.under_arm'),    $fix,    When::Booster,  true,  'setup.booster.under_arm',       static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->underArm, true),
            new FactRule(Code::of('booster.head_support'), $fix,    When::HighBack, true,  'setup.booster.head_support_ok', static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->headSupportOk, false),
            new FactRule(Code::of('booster.head'),        $fix,    When::Booster,  true,  'setup.booster.ears_above',      static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->earsAbove, true),
            new FactRule(Code::of('booster.slouch'),      $fix,    When::Booster,  false, 'setup.booster.slouch',          static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->slouch, true),
            new FactRule(Code::of('booster.slack'),       $fix,    When::Booster,  false, 'setup.booster.slack',           static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->slack, true),
            new FactRule(Code::of('booster.belt_locked'),  $advise, When::Booster,  false, 'setup.booster.belt_locked',     static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->beltLocked, true),
        ];
    }
}
