<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BeltGuide;
use MintBuckle\Core\Facts\Booster;
use MintBuckle\Core\Facts\ShoulderPart;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Does the shoulder part cross mid-chest, does the belt run through its guides, and is there a shoulder part at all? */
final readonly class BoosterBeltRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('booster.shoulder'), [Severity::Fix], mendedBy: ['setup.booster.shoulder']),
            new Finds(Code::of('booster.guides'), [Severity::Fix], mendedBy: ['setup.booster.guides_ok', 'setup.booster.guides_missed']),
            new Finds(Code::of('booster.lap_only'), [Severity::Fix], mendedBy: ['setup.position']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isBooster()) {
            return;
        }
        $shoulder = $s->setup()->booster?->shoulder;
        if ($shoulder === null) {
            yield new Question('setup.booster.shoulder', Station::Buckle);
        } elseif ($shoulder !== ShoulderPart::MidChest) {
            yield new Finding(
                Code::of('booster.shoulder'),
                Severity::Fix,
                with: ['shoulder' => $shoulder],
                observed: $shoulder->value,
                limit: ShoulderPart::MidChest->value,
                sources: [Source::Common->cite()],
            );
        }
        yield from self::guides($s->setup()->booster ?? new Booster());
        if ($s->setup()->booster !== null && $s->place?->belt === Belt::Lap) {
            yield new Finding(
                Code::of('booster.lap_only'),
                Severity::Fix,
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function guides(Booster $booster): iterable
    {
        if ($booster->guidesOk === false || $booster->guidesMissed !== []) {
            $missed = $booster->guidesMissed;
            $each = static fn(string $part): Listing => Listing::sentences(array_map(
                static fn(BeltGuide $guide): Message => new Message("findings.booster.guides.{$part}_{$guide->value}"),
                $missed,
            ));
            yield new Finding(
                Code::of('booster.guides'),
                Severity::Fix,
                variant: $missed === [] ? null : 'missed',
                with: ['missed' => $each('missed'), 'lead' => $each('lead')],
                observed: $missed === []
                    ? null
                    : implode(', ', array_map(static fn(BeltGuide $guide): string => $guide->value, $booster->guidesMissed)),
                sources: [Source::Common->cite()],
            );
        } elseif ($booster->guidesOk === null) {
            yield new Question('setup.booster.guides_ok', Station::Buckle);
        }
    }
}
