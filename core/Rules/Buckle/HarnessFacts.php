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
            new FactRule(Code::of('harness.not_buckled'),  $fix,    When::Harness, true,  'setup.harness.buckled',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->buckled, false,
                'The buckle is not fastened.', 'Click the tongues in one at a time.'),
            new FactRule(Code::of('harness.hip_slack'),    $fix,    When::Harness, false, 'setup.harness.hips_snug',       static fn(AssessmentContext $s): ?bool => $s->setup()->harness->hipsSnug, false,
                'There is slack at the hips.', 'Draw it up from the hips first, then the adjuster.'),
            new FactRule(Code::of('harness.too_tight'),    $fix,    When::Harness, true,  'setup.harness.too_tight',       static fn(AssessmentContext $s): ?bool => $s->setup()->harness->tooTight, true,
                'The straps press into the skin or bend the body.', 'Ease them until they lie snug.'),
            new FactRule(Code::of('harness.twist'),       $fix,    When::Harness, true,  'setup.harness.twisted',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->twisted, true,
                'A harness strap is twisted.', 'Turn the strap flat.'),
            new FactRule(Code::of('harness.slouch'),      $fix,    When::Harness, true,  'setup.harness.slouch',          static fn(AssessmentContext $s): ?bool => $s->setup()->harness->slouch, true,
                'Bottom or back are away from the seat.', 'Sit the child back: bottom and back against the seat.'),
            new FactRule(Code::of('harness.coat'),        $fix,    When::Harness, true,  'setup.harness.coat',            static fn(AssessmentContext $s): ?bool => $s->setup()->harness->coat, true,
                'A bulky coat is under the harness.', 'Take the coat off and lay it over the harness.'),
            new FactRule(Code::of('harness.padding'),     $fix,    When::Harness, true,  'setup.harness.padding',         static fn(AssessmentContext $s): ?bool => $s->setup()->harness->padding, true,
                'Something that the maker did not supply lies behind or beneath the child.', 'Take it out. A rolled cloth beside the body is no padding unless the maker forbids it.'),
            new FactRule(Code::of('harness.head_support'), $fix,    When::Harness, false, 'setup.harness.head_support_ok', static fn(AssessmentContext $s): ?bool => $s->setup()->harness->headSupportOk, false,
                'The head support is not set just above the shoulders, or pushes the head forward.', 'Set the head support for this child.'),
            new FactRule(Code::of('harness.tail'),        $advise, When::Harness, false, 'setup.harness.tail_loose',      static fn(AssessmentContext $s): ?bool => $s->setup()->harness->tailLoose, true,
                'The free end of the strap lies loose.', 'Tuck it away.'),
        ];
    }
}
