<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Slot;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\StrapSeen;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Fit\StrapPlace;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Do the shoulder straps leave the seat on the right side of the shoulder, from the right slot? */
final readonly class StrapHeightRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('harness.height'),
                [Severity::Fix],
                mendedBy: ['setup.harness.slot'],
                ownFigures: ['seat.strap_rule_{facing}'],
            ),
            new Finds(Code::of('harness.height_far'), [Severity::Fix], mendedBy: ['setup.harness.slot']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->mode === null || ! $s->isHarness() || $s->seat === null) {
            return;
        }
        $place = StrapPlace::of($s, $s->mode);
        foreach ($place->missing as $path) {
            yield new Question($path, Station::Buckle);
        }
        $choice = SlotChoice::of($s, $s->mode);
        if ($place->forbidden || $place->right === Truth::No) {
            yield new Finding(
                Code::of('harness.height'),
                Severity::Fix,
                $place->forbidden ? "This mode does not allow slot {$place->slot}." : self::wrong($place),
                self::remedy($choice, $s->seat->slots ?? []),
                observed: $place->offset ?? $place->seen?->value,
                limit: $place->rule?->value,
                from: $place->forbidden ? 'seat' : $s->strapRuleFrom($s->mode),
                sources: [$s->convention->source ?? Source::Common->cite()],
            );
        } elseif (
            $place->right === Truth::Yes && $place->slot !== null
            && $choice->slot !== null && self::isNearer($s, $place, $choice->slot)
        ) {
            yield new Finding(
                Code::of('harness.height_far'),
                Severity::Fix,
                "Slot {$place->slot} is on the right side of the shoulder, but slot {$choice->slot} is nearer.",
                "Move the straps to slot {$choice->slot}.",
                observed: (string) $place->slot,
                limit: (string) $choice->slot,
                from: $s->strapRuleFrom($s->mode),
                sources: [Source::Common->cite()],
            );
        }
    }

    /** Whether another slot on the right side is nearer the shoulder than where the strap stands; a measured offset counts first. */
    private static function isNearer(AssessmentContext $s, StrapPlace $place, int $slot): bool
    {
        $height = $s->seat->slots[$slot - 1]->height ?? null;
        $shoulder = $s->child->shoulderHeight;

        return $slot !== $place->slot && $place->offset !== null && $height !== null && $shoulder !== null
            && $height->minus($shoulder)->abs()->isLessThan($place->offset->abs());
    }

    private static function wrong(StrapPlace $place): string
    {
        $where = match (true) {
            $place->offset === null => ($place->seen ?? StrapSeen::At)->value,
            $place->offset->value->isNegative() => Length::of($place->offset->value->negated(), $place->lengthUnit())->show() . ' below',
            $place->offset->value->isZero() => 'at',
            default => $place->offset->show() . ' above',
        };
        $must = match ($place->rule) {
            StrapRule::AtOrBelow => 'at or below it',
            StrapRule::AtOrAbove => 'at or above it',
            default => 'level with it or up to 25 mm above',
        };

        return "The strap leaves the seat {$where} the shoulder; here it must be {$must}.";
    }

    /** @param list<Slot> $slots */
    private static function remedy(SlotChoice $choice, array $slots): string
    {
        return match (true) {
            $choice->slot !== null => "Move the straps to slot {$choice->slot}, counted from the lowest.",
            $choice->nothingRight => 'No slot of this seat is right for this shoulder in this mode: another mode or another seat.',
            $slots === [] => 'Set the straps to the right height.',
            default => 'Measure shoulder and slots, then move the straps.',
        };
    }
}
