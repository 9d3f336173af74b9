<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\CaseFile\Belt;
use MintBuckle\Core\CaseFile\ShoulderPart;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Does the shoulder part cross mid-chest, and is there one at all? */
final readonly class BoosterBeltRule implements Rule
{
    public function codes(): array
    {
        return [Code::BoosterShoulder, Code::BoosterLapOnly];
    }

    public function judge(Situation $s): iterable
    {
        if (! $s->isBooster()) {
            return;
        }
        $shoulder = $s->setup()->booster?->shoulder;
        if ($shoulder === null) {
            yield new Question('setup.booster.shoulder', Station::Buckle);
        } elseif ($shoulder !== ShoulderPart::MidChest) {
            yield new Finding(Code::BoosterShoulder, Severity::Fix, $shoulder === ShoulderPart::Neck ? 'The shoulder part touches the neck.' : 'The shoulder part slides off the shoulder.', 'Lead it through the shoulder guide so that it crosses mid-chest.', observed: $shoulder->value, limit: ShoulderPart::MidChest->value, sources: [Source::common()]);
        }
        if ($s->setup()->booster !== null && $s->place?->belt === Belt::Lap) {
            yield new Finding(Code::BoosterLapOnly, Severity::Fix, 'The child rides in a booster with a lap belt alone. Never.', 'Move to a place with a lap-shoulder belt.', sources: [Source::common()]);
        }
    }
}
