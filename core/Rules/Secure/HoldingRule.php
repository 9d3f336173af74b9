<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is the seat attached, by one way or by two that both makers allow? */
final readonly class HoldingRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.nothing'), [Severity::Fix], mendedBy: ['setup.held_by']),
            new Finds(Code::of('secure.both'), [Severity::Fix], mendedBy: ['setup.held_by']),
            new Finds(Code::of('secure.booster_anchor_not_allowed'), [Severity::Fix], mendedBy: ['setup.held_by']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $heldBy = $s->heldBy;
        if (! $s->isHarness() && ! $s->isBooster()) {
            return;
        }
        if ($heldBy === null) {
            yield new Question('setup.held_by', Station::Secure);
        } elseif ($s->isBooster()) {
            yield from $s->anchorsHold() ? self::boosterOnAnchors($s) : [];
        } elseif ($heldBy === HeldBy::Nothing) {
            yield new Finding(
                Code::of('secure.nothing'),
                Severity::Fix,
                sources: [Source::Common->cite()],
            );
        } elseif ($heldBy === HeldBy::Both) {
            yield from self::both($s);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function both(AssessmentContext $s): iterable
    {
        $allowed = [
            'seat.belt_and_anchors_ok' => $s->seat?->beltAndAnchorsOk,
            'vehicle.belt_and_anchors_ok' => $s->case->vehicle?->beltAndAnchorsOk,
        ];
        if (in_array(false, $allowed, true)) {
            yield new Finding(
                Code::of('secure.both'),
                Severity::Fix,
                sources: [Source::Common->cite()],
            );

            return;
        }
        foreach (array_keys(array_filter($allowed, is_null(...))) as $path) {
            yield new Question($path, Station::Secure);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function boosterOnAnchors(AssessmentContext $s): iterable
    {
        if ($s->modeRules?->anchorsAllowed === false) {
            yield new Finding(
                Code::of('secure.booster_anchor_not_allowed'),
                Severity::Fix,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        } elseif ($s->modeRules !== null && $s->modeRules->anchorsAllowed === null) {
            yield new Question($s->modePath('anchors_allowed'), Station::Secure);
        }
    }
}
