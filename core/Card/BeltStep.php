<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Rules\Secure\BuckleTurnsRule;

/** The single movements by which a belt is led, locked, tightened and proved, in the words for this seat and place. */
final readonly class BeltStep
{
    public function __construct(private AssessmentContext $s) {}

    public static function weight(): CardStep
    {
        return new CardStep(StepCode::Weight);
    }

    public function thread(): CardStep
    {
        $webbing = match (true) {
            $this->s->place?->belt === Belt::Lap => 'lap_belt',
            $this->s->webbingAsked() === Webbing::Lap => 'lap',
            $this->s->webbingAsked() === Webbing::Both => 'both',
            default => 'belt',
        };

        return new CardStep(
            StepCode::Thread,
            with: ['webbing' => $webbing, 'path' => $this->s->isRear() ? BeltPath::Rear : BeltPath::Forward],
        );
    }

    /** @return list<CardStep> only where the stalk is turned and the vehicle is known to allow it */
    public function buckleTurns(): array
    {
        $turns = $this->s->setup()->buckleTurns;
        if ($turns === null || ! $turns->isPositive() || $this->s->case->vehicle?->buckleTurnsOk !== true) {
            return [];
        }
        $counted = BigDecimal::min($turns, BuckleTurnsRule::MOST)->stripTrailingZeros();

        return [new CardStep(
            StepCode::BuckleTurns,
            with: ['turns' => str_replace('.', '_', (string) $counted->toScale(max(0, $counted->getScale())))],
        )];
    }

    public function buckle(): CardStep
    {
        return new CardStep(StepCode::Buckle);
    }

    public function slack(): CardStep
    {
        return new CardStep(StepCode::Slack);
    }

    public function retractorEnd(): CardStep
    {
        return new CardStep(StepCode::RetractorEnd);
    }

    public function retractorFeed(): CardStep
    {
        return new CardStep(StepCode::RetractorFeed);
    }

    public function tighten(): CardStep
    {
        return new CardStep(StepCode::Tighten);
    }

    public function prove(Lock $lock): CardStep
    {
        return new CardStep(StepCode::Prove, with: ['lock' => $lock]);
    }

    /** @return array<string, Quantity|bool|null> */
    private function clipNear(): array
    {
        $own = $this->s->seat?->clipDistanceMax?->asMaximum($this->s->madeOn(), $this->s->heldForLimits());
        $limit = ($own?->entry->value ?? null) ?? ($own?->isAbsent() === false ? null : $this->s->practice->clipDistance->value);

        return ['known' => $limit !== null, 'limit' => $limit];
    }

    public function close(Lock $lock): CardStep
    {
        return $lock === Lock::Lockoff
            ? new CardStep(StepCode::CloseLockoff, with: ['side' => $this->s->seat->lockoffUse ?? 'unsaid'])
            : new CardStep(StepCode::CloseDoor);
    }

    public function clipOn(): CardStep
    {
        return new CardStep(StepCode::ClipOn, with: $this->clipNear());
    }

    public function retractorFree(): CardStep
    {
        return new CardStep(StepCode::RetractorFree, $this->s->place?->retractor === Retractor::Switchable ? 'switchable' : null);
    }
}
