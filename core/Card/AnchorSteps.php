<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BeltPath;

/** The steps of holding a seat by the lower anchors: no locking to get wrong. Common practice of the trade. */
final readonly class AnchorSteps
{
    /** @return list<CardStep> */
    public static function of(AssessmentContext $s, bool $storeBelt): array
    {
        return [
            new CardStep(StepCode::AnchorStrapsLong, with: ['path' => $s->isRear() ? BeltPath::Rear : BeltPath::Forward]),
            new CardStep(StepCode::HookAnchors),
            BeltStep::weight(),
            new CardStep(StepCode::TightenAnchors),
            new CardStep(StepCode::Prove, 'anchors'),
            ...(
                $storeBelt && $s->place?->belt !== null && $s->place->belt !== Belt::None
                    ? [new CardStep(StepCode::StoreBelt)]
                    : []
            ),
        ];
    }

    /** @return list<CardStep> */
    public static function ofBooster(): array
    {
        return [
            new CardStep(StepCode::BoosterAnchors),
            new CardStep(StepCode::TightenAnchors, 'booster'),
        ];
    }
}
