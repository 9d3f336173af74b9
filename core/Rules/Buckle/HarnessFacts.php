<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at the child in the harness settles. */
final readonly class HarnessFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $advise = Severity::Advise;
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value; message, remedy
            new FactRule(Code::of('harness.not_buckled'),  $fix,    When::Harness, true,  'setup.harness.buckled',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->buckled, false),
            new FactRule(Code::of('harness.hip_slack'),    $fix,    When::Harness, false, 'setup.harness.hips_snug',       static fn(AssessmentContext $s): ?bool => $s->setup()->harness->hipsSnug, false),
            new FactRule(Code::of('harness.too_tight'),    $fix,    When::Harness, true,  'setup.harness.too_tight',       static fn(AssessmentContext $s): ?bool => $s->setup()->harness->tooTight, true),
            new FactRule(Code::of('harness.twist'),       $fix,    When::Harness, true,  'setup.harness.twisted',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->twisted, true),
            new FactRule(Code::of('harness.slouch'),      $fix,    When::Harness, true,  'setup.harness.slouch',          static fn(AssessmentContext $s): ?bool => $s->setup()->harness->slouch, true),
            new FactRule(Code::of('harness.coat'),        $fix,    When::Harness, true,  'setup.harness.coat',            static fn(AssessmentContext $s): ?bool => $s->setup()->harness->coat, true),
            new FactRule(Code::of('harness.padding'),     $fix,    When::Harness, true,  'setup.harness.padding',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->padding, true),
            new FactRule(Code::of('harness.head_support'), $fix,    When::Harness, false, 'setup.harness.head_support_ok', static fn(AssessmentContext $s): ?bool => $s->setup()->harness->headSupportOk, false),
            new FactRule(Code::of('harness.tail'),        $advise, When::Harness, false, 'setup.harness.tail_loose',      static fn(AssessmentContext $s): ?bool => $s->setup()->harness->tailLoose, true),
        ];
    }
}
