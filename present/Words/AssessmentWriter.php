<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Computed;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Growth\Outgrown;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Recall\RecallMatch;

/** An assessment in the open format, told in a language. */
final readonly class AssessmentWriter
{
    public const FORMAT = 'mint-buckle/assessment';

    /** @return array<string, mixed> */
    public static function toArray(Assessment $assessment, Teller $teller): array
    {
        return [
            'format' => self::FORMAT,
            'version' => 1,
            'rulebook' => $assessment->rulebook,
            'verdict' => $assessment->verdict->value,
            'findings' => array_map(static fn(Finding $f): array => self::finding($f, $teller), $assessment->findings),
            'questions' => array_map(static fn(Question $q): string => $q->path, $assessment->questions),
            'computed' => self::computed($assessment->computed(), $teller),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding, Teller $teller): array
    {
        return [
            'code' => $finding->code->value,
            'severity' => $finding->severity->value,
            'station' => $finding->station()->value,
            'subject' => $finding->subject,
            'message' => $teller->message($finding),
            'remedy' => $teller->remedy($finding),
            'observed' => self::measured($finding->observed),
            'limit' => self::measured($finding->limit),
            'from' => $finding->from,
            'sources' => array_map(
                static fn(Citation $s): array => ['kind' => $s->kind->value, 'text' => $teller->tell($s->text())],
                $finding->sources,
            ),
        ];
    }

    /** @return array{value: int|float, unit: string}|string|null */
    private static function measured(Quantity|string|null $value): array|string|null
    {
        return $value instanceof Quantity ? $value->toArray() : $value;
    }

    /** @return array<string, string|null>|null */
    private static function outgrown(?Outgrown $outgrown): ?array
    {
        return $outgrown === null ? null : [
            'earliest' => $outgrown->earliest,
            'likely' => $outgrown->likely,
            'latest' => $outgrown->latest,
            'by' => $outgrown->by->value,
        ];
    }

    /** @return array<string, mixed> */
    public static function computed(Computed $computed, Teller $teller): array
    {
        return [
            'age_months' => $computed->ageMonths?->toInt(),
            'expires_on' => $computed->expiresOn?->__toString(),
            'days_left' => $computed->daysLeft,
            'recall' => $computed->recall === null ? null : [
                'answer' => $computed->recall->worst(),
                'list_dated' => $computed->recall->listDated?->__toString(),
                'campaigns' => array_map(static fn(RecallMatch $m): string => $m->campaign->id, $computed->recall->matches),
            ],
            'modes' => array_map(static fn(ModeFit $fit): array => [
                'mode' => $fit->mode->value,
                'fits' => $fit->fits->toBool(),
                'because' => array_map($teller->tell(...), $fit->because()),
                'outgrown' => self::outgrown($computed->outgrown[$fit->mode->value] ?? null),
            ], $computed->modes),
            'best_mode' => $computed->bestMode?->value,
            'lower_anchor_child_max' => $computed->lowerAnchorChildMax?->toArray(),
            'belt_lock' => $computed->beltLock === null ? null : array_map(static fn(LockWay $way): array => [
                'way' => $way->way,
                'works' => $way->works->toBool(),
                'because' => $teller->sentence($way->because()),
                'steps' => array_map(static fn(CardStep $step): string => $teller->sentence($step->step()), $computed->stepsOf($way)),
            ], $computed->beltLock),
            'harness_slot' => $computed->harnessSlot,
            'next_slot_change' => $computed->nextSlotChange,
            'changeover' => $computed->changeover === null
                ? null
                : ['to' => $computed->changeover->to->value, 'steps' => array_map($teller->sentence(...), $computed->changeover->steps)],
            'wedge' => $computed->wedge === null
                ? null
                : [
                    'lift' => $computed->wedge->lift->toArray(),
                    'stack' => $computed->wedge->stack,
                    'gain' => $computed->wedge->gain->toArray(),
                ],
            'card' => $computed->card === null
                ? null
                : array_map(
                    static fn(CardStep $step): array => [
                        'code' => $step->code->value,
                        'step' => $teller->sentence($step->step()),
                        'check' => $teller->check($step),
                    ],
                    $computed->card,
                ),
        ];
    }
}
