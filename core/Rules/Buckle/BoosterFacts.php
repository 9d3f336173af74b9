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
            new FactRule(Code::of('booster.lap'),         $fix,    When::Booster,  true,  'setup.booster.lap',             static fn(AssessmentContext $s): ?LapPart => $s->setup()->booster?->lap, LapPart::Belly,
                'The lap part lies on the belly.', 'Bring it low over the thighs.'),
            new FactRule(Code::of('booster.under_arm'),    $fix,    When::Booster,  true,  'setup.booster.under_arm',       static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->underArm, true,
                'The shoulder part is under the arm or behind the back.', 'Bring it over the shoulder and across mid-chest.'),
            new FactRule(Code::of('booster.head_support'), $fix,    When::HighBack, true,  'setup.booster.head_support_ok', static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->headSupportOk, false,
                'The head part is not raised so that its belt guide sits at or just above the shoulder.', 'Raise or lower the head part until the guide is at the shoulder.'),
            new FactRule(Code::of('booster.head'),        $fix,    When::Booster,  true,  'setup.booster.ears_above',      static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->earsAbove, true,
                'The ears are above the top of the back, the head restraint or the seat back.', 'First raise the head part of a high back as far as the belt guide allows; else choose a place with a head restraint, or a booster with a higher back.'),
            new FactRule(Code::of('booster.slouch'),      $fix,    When::Booster,  false, 'setup.booster.slouch',          static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->slouch, true,
                'Bottom or back are away from the back of the booster or of the vehicle seat.', 'Sit the child back, then lead the belt again.'),
            new FactRule(Code::of('booster.slack'),       $fix,    When::Booster,  false, 'setup.booster.slack',           static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->slack, true,
                'The shoulder part hangs loose on the chest.', 'Draw the slack up through the lap part and the shoulder part, so that the belt lies snug and runs free.'),
            new FactRule(Code::of('booster.belt_locked'),  $advise, When::Booster,  false, 'setup.booster.belt_locked',     static fn(AssessmentContext $s): ?bool => $s->setup()->booster?->beltLocked, true,
                'The belt is locked over the child.', 'Let it run free, unless a manual says otherwise.'),
        ];
    }
}
