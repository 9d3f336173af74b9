<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;

/** The steps of holding a seat by the lower anchors: no locking to get wrong. Common practice of the trade. */
final readonly class AnchorSteps
{
    /** @return list<CardStep> */
    public static function of(AssessmentContext $s, bool $storeBelt): array
    {
        return [
            new CardStep(
                StepCode::AnchorStrapsLong,
                'Make the anchor straps long and lead them through the ' . (
                    $s->isRear() ? 'rear-facing path, under the child\'s legs.' : 'forward-facing path, behind the child\'s back.'
                ),
                'They lie flat, and both hooks reach the crease without pulling.',
            ),
            new CardStep(
                StepCode::HookAnchors,
                'Hook both ends on to the lower anchors of this place.',
                'Each clicks, the right way up as its maker shows, and holds when pulled.',
            ),
            BeltStep::weight(),
            new CardStep(
                StepCode::TightenAnchors,
                'Pull the tail of the strap tight, a little at a time.',
                'The strap gives nothing more; its tail is rolled up and tucked away.',
            ),
            new CardStep(
                StepCode::Prove,
                'Prove it: pull firmly on the strap at both hooks.',
                'It gives nothing, and neither hook moves along its bar.',
            ),
            ...(
                $storeBelt && $s->place?->belt !== null && $s->place->belt !== Belt::None
                    ? [new CardStep(
                        StepCode::StoreBelt,
                        'Store the vehicle belt as the vehicle\'s manual shows.',
                        'It is out of the child\'s reach and not in the way of the seat.',
                    )]
                    : []
            ),
        ];
    }

    /** @return list<CardStep> */
    public static function ofBooster(): array
    {
        return [
            new CardStep(StepCode::BoosterAnchors, 'Hook the booster to the lower anchors.', 'Each hook clicks and holds when pulled.'),
            new CardStep(StepCode::TightenAnchors, 'Draw its straps tight.', 'The booster stays in place when empty.'),
        ];
    }
}
