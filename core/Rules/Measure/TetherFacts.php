<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at a tether in use settles. */
final readonly class TetherFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value; message, remedy
            new FactRule(Code::of('measure.tether_twist'),     $fix, When::Tethered,     false, 'setup.tether.twisted',   static fn(AssessmentContext $s): ?bool => $s->setup()->tether->twisted, true),
            new FactRule(Code::of('measure.tether_route'),     $fix, When::Tethered,     true,  'setup.tether.routed',    static fn(AssessmentContext $s): ?bool => $s->setup()->tether->routed, false),
            new FactRule(Code::of('measure.tether_overtight'), $fix, When::RearTethered, true,  'setup.tether.overtight', static fn(AssessmentContext $s): ?bool => $s->setup()->tether->overtight, true),
        ];
    }
}
