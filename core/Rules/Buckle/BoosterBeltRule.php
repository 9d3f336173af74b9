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

/** Does the shoulder part cross mid-chest, does the belt run through its guides, and is there a shoulder part at all? */
final readonly class BoosterBeltRule implements Rule
{
    private const MISSED = [
        'lap_buckle_side' => [
            'On the buckle side the belt is not under the arm rest.',
            'On the buckle side lead lap and shoulder part under the arm rest.',
        ],
        'lap_door_side' => [
            'On the door side the lap part is not under the arm rest.',
            'On the door side lead the lap part under the arm rest.',
        ],
        'shoulder' => ['The shoulder part is not in its guide.', 'Lead the shoulder part through its guide.'],
    ];

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
                $shoulder === ShoulderPart::Neck ? 'The shoulder part touches the neck.' : 'The shoulder part slides off the shoulder.',
                'Lead it through the shoulder guide so that it crosses mid-chest.',
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
                'The child rides in a booster with a lap belt alone. Never.',
                'Move to a place with a lap-shoulder belt.',
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function guides(Booster $booster): iterable
    {
        if ($booster->guidesOk === false || $booster->guidesMissed !== []) {
            $missed = array_map(static fn(BeltGuide $guide): array => self::MISSED[$guide->value], $booster->guidesMissed);
            yield new Finding(
                Code::of('booster.guides'),
                Severity::Fix,
                $missed === []
                    ? 'The belt does not run through the booster\'s guides as it should.'
                    : implode(' ', array_column($missed, 0)),
                $missed === []
                    ? 'Lap part under both arm rests; on the buckle side both parts go under; use the shoulder guide where it is needed.'
                    : implode(' ', array_column($missed, 1)),
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
