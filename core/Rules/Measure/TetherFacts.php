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
            new FactRule(Code::of('measure.tether_twist'),     $fix, When::Tethered,     false, 'setup.tether.twisted',   static fn(AssessmentContext $s): ?bool => $s->setup()->tether->twisted, true,
                'The tether strap is twisted.', 'Lay it flat.'),
            new FactRule(Code::of('measure.tether_route'),     $fix, When::Tethered,     true,  'setup.tether.routed',    static fn(AssessmentContext $s): ?bool => $s->setup()->tether->routed, false,
                'The tether does not run round the head restraint as the vehicle shows.', 'Lead it as the vehicle\'s manual shows.'),
            new FactRule(Code::of('measure.tether_overtight'), $fix, When::RearTethered, true,  'setup.tether.overtight', static fn(AssessmentContext $s): ?bool => $s->setup()->tether->overtight, true,
                'The tether is drawn so hard that the seat shifts.', 'Ease it until only the slack is out.'),
        ];
    }
}
