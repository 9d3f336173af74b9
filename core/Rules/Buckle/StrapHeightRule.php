<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Buckle;

use BackedEnum;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Slot;
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
use MintBuckle\Core\Quantity\Quantity;
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
                variant: $place->forbidden ? 'forbidden' : null,
                mend: self::mend($choice, $s->seat->slots ?? []),
                with: self::place($place) + ['slot' => $place->slot, 'right' => $choice->slot],
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
                with: ['slot' => $place->slot, 'right' => $choice->slot],
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

    /** @return array<string, Quantity|BackedEnum|string|null> where the strap leaves the seat, and where it must */
    private static function place(StrapPlace $place): array
    {
        $offset = $place->offset;

        return [
            'where' => match (true) {
                $offset === null => ($place->seen ?? StrapSeen::At)->value,
                $offset->value->isNegative() => 'by_below',
                $offset->value->isZero() => 'at',
                default => 'by_above',
            },
            'by' => $offset === null ? null : Length::of($offset->value->abs(), $place->lengthUnit()),
            'must' => $place->rule,
        ];
    }

    /** @param list<Slot> $slots */
    private static function mend(SlotChoice $choice, array $slots): string
    {
        return match (true) {
            $choice->slot !== null => 'move',
            $choice->nothingRight => 'no_slot',
            $slots === [] => 'set',
            default => 'measure',
        };
    }
}
