<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ClampOrder;
use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Locking\LockWay;

/**
 * The steps of holding a seat by the belt, in the order of the lock in use. Buckled before locked, since a locked belt gives no more
 * webbing. Order and codes are the case format's; common practice of the trade.
 */
final readonly class LockSteps
{
    private BeltStep $step;

    private function __construct(private AssessmentContext $s)
    {
        $this->step = new BeltStep($s);
    }

    /** @return list<CardStep> from threading the belt to the proof of the lock */
    public static function of(AssessmentContext $s, Lock $lock): array
    {
        $steps = new self($s);

        return [$steps->step->thread(), ...$steps->locking($lock), $steps->step->prove($lock)];
    }

    /**
     * Of one of the finder's ways that works at this place.
     *
     * @return list<CardStep>
     */
    public static function ofWay(AssessmentContext $s, LockWay $way): array
    {
        return self::of(
            $s,
            $way->way === LockWay::OWN ? ($s->seat?->lockoff === true ? Lock::Lockoff : Lock::ClampDoor) : Lock::from($way->way),
        );
    }

    /** @return list<CardStep> */
    private function locking(Lock $lock): array
    {
        return match ($lock) {
            Lock::Lockoff, Lock::ClampDoor => $this->ownLock($lock),
            Lock::LatchPlate => $this->s->place?->latchPlate === LatchPlate::Switched ? $this->switchedPlate() : $this->lockingPlate(),
            Lock::Retractor => $this->s->place?->retractor === Retractor::AlwaysLocking ? $this->alwaysLocking() : $this->switchable(),
            Lock::Clip => $this->clip(),
        };
    }

    /** @return list<CardStep> */
    private function ownLock(Lock $lock): array
    {
        $close = $this->step->close($lock);
        $retractor = $this->s->seat?->lockRetractorToo === MakerPermission::Required
            && $this->s->place?->retractor === Retractor::Switchable
            ? [$this->step->retractorEnd(), $this->step->retractorFeed()]
            : [];

        return [
            new CardStep(StepCode::DrawLittle),
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            $this->step->slack(),
            BeltStep::weight(),
            $this->step->tighten(),
            ...($this->s->seat?->clampOrder === ClampOrder::RetractorFirst ? [...$retractor, $close] : [$close, ...$retractor]),
        ];
    }

    /** @return list<CardStep> */
    private function lockingPlate(): array
    {
        return [
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            BeltStep::weight(),
            new CardStep(StepCode::PlatePull),
        ];
    }

    /** @return list<CardStep> */
    private function switchedPlate(): array
    {
        return [
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            new CardStep(StepCode::PlateSwitch),
            BeltStep::weight(),
            $this->step->tighten(),
        ];
    }

    /** @return list<CardStep> */
    private function switchable(): array
    {
        return [
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            $this->step->slack(),
            $this->step->retractorEnd(),
            $this->step->retractorFeed(),
            BeltStep::weight(),
            $this->step->tighten(),
        ];
    }

    /** @return list<CardStep> */
    private function alwaysLocking(): array
    {
        return [
            new CardStep(StepCode::DeadZone),
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            new CardStep(StepCode::RetractorTakeUp),
            BeltStep::weight(),
            $this->step->tighten(),
        ];
    }

    /** @return list<CardStep> */
    private function clip(): array
    {
        $isSwitchable = $this->s->place?->retractor === Retractor::Switchable;

        return [
            ...$this->step->buckleTurns(),
            $this->step->buckle(),
            ...(
                $isSwitchable
                    ? [new CardStep(StepCode::RetractorLength)]
                    : []
            ),
            BeltStep::weight(),
            $this->step->tighten(),
            new CardStep(StepCode::Pinch),
            new CardStep(StepCode::Unbuckle),
            $this->step->clipOn(),
            $this->step->retractorFree(),
            new CardStep(StepCode::Rebuckle),
        ];
    }
}
