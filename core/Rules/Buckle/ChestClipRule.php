<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ClipPlace;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is the chest clip, where the seat has one, closed and level with the armpits? */
final readonly class ChestClipRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('harness.clip'), [Severity::Fix], mendedBy: ['setup.harness.clip']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $clip = $s->setup()->harness->clip;
        $has = $s->seat->chestClip ?? $s->convention?->chestClip;
        if ($has === null) {
            yield new Question('seat.chest_clip', Station::Buckle);
        }
        if ($has !== false && $clip === null) {
            yield new Question('setup.harness.clip', Station::Buckle);
        }
        if ($clip === ClipPlace::High || $clip === ClipPlace::Low || ($clip === ClipPlace::Undone && $has === true)) {
            yield new Finding(
                Code::of('harness.clip'),
                Severity::Fix,
                with: ['clip' => $clip],
                observed: $clip->value,
                limit: ClipPlace::Armpit->value,
                from: $s->convention->from ?? 'default',
                sources: [Source::Common->cite()],
            );
        }
    }
}
