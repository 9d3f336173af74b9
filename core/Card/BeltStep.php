<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Rules\Secure\BuckleTurnsRule;

/** The single movements by which a belt is led, locked, tightened and proved, in the words for this seat and place. */
final readonly class BeltStep
{
    private const NUMBERS = [
        '0.5' => 'half a turn',
        '1' => 'one full turn',
        '1.5' => 'one and a half turns',
        '2' => 'two full turns',
        '2.5' => 'two and a half turns',
        '3' => 'three full turns',
    ];

    public function __construct(private AssessmentContext $s) {}

    public static function weight(): CardStep
    {
        return new CardStep(
            StepCode::Weight,
            'Put weight into the seat over the belt path: hand, knee, or hips from behind, as its maker allows and no more than it takes.',
            'The seat sinks into the cushion and stays down.',
        );
    }

    public function thread(): CardStep
    {
        $webbing = match (true) {
            $this->s->place?->belt === Belt::Lap => 'the lap belt',
            $this->s->webbingAsked() === Webbing::Lap => 'only the lap part',
            $this->s->webbingAsked() === Webbing::Both => 'lap and shoulder part together',
            default => 'the belt',
        };

        return new CardStep(
            StepCode::Thread,
            "Lead {$webbing} through the " . (
                $this->s->isRear() ? 'rear-facing path, under the child\'s legs.' : 'forward-facing path, behind the child\'s back.'
            ),
            'It lies flat from end to end, without a twist, in the seat\'s guides.',
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
            'Turn the buckle stalk down by ' . self::NUMBERS[(string) $counted->toScale(max(0, $counted->getScale()))]
                . ', counted aloud; three is the most.',
            'The tongue still goes in straight and the buckle stays out of the belt path.',
        )];
    }

    public function buckle(): CardStep
    {
        return new CardStep(StepCode::Buckle, 'Buckle.', 'It clicks and does not come apart when pulled.');
    }

    public function slack(): CardStep
    {
        return new CardStep(StepCode::Slack, 'Take the slack out, the lap part first.', 'The belt lies snug along its whole way.');
    }

    public function retractorEnd(): CardStep
    {
        return new CardStep(
            StepCode::RetractorEnd,
            'Draw the shoulder belt out slowly to the very end.',
            'It comes to a stop; nothing more comes out.',
        );
    }

    public function retractorFeed(): CardStep
    {
        return new CardStep(
            StepCode::RetractorFeed,
            'Let it back and feed the slack into the retractor.',
            'You hear or feel the ratchet, which may be too quiet to hear; it does not come out again.',
        );
    }

    public function tighten(): CardStep
    {
        return new CardStep(
            StepCode::Tighten,
            'Pull the shoulder belt tight from inside the seat, near the buckle; rock the seat side to side.',
            'The webbing gives nothing more.',
        );
    }

    public function prove(Lock $lock): CardStep
    {
        return new CardStep(
            StepCode::Prove,
            'Prove the lock: pull firmly on the ' . ($lock === Lock::LatchPlate ? 'lap part.' : 'shoulder belt and on the lap part.'),
            'It gives nothing and does not get longer.',
        );
    }

    private function side(): string
    {
        return match ($this->s->seat?->lockoffUse?->value) {
            'buckle_side' => ', on the buckle side',
            'shoulder_side' => ', on the shoulder side',
            default => ', on both sides',
        };
    }

    private function clipNear(): string
    {
        $own = $this->s->seat?->clipDistanceMax?->asMaximum($this->s->madeOn(), $this->s->heldForLimits());
        $limit = ($own?->entry->value ?? null) ?? ($own?->isAbsent() === false ? null : $this->s->practice->clipDistance->value);

        return $limit === null ? 'as near as its manual says to' : "no further than {$limit->show()} from";
    }

    public function close(Lock $lock): CardStep
    {
        return $lock === Lock::Lockoff
            ? new CardStep(
                StepCode::CloseLockoff,
                'Close the lock-off over the belt' . ($this->s->seat?->lockoffUse === null ? '.' : $this->side() . '.'),
                'It snaps shut and the webbing lies flat in it.',
            )
            : new CardStep(StepCode::CloseDoor, 'Close the clamp door over the belt.', 'It clicks on both sides and cannot be lifted.');
    }

    public function clipOn(): CardStep
    {
        return new CardStep(
            StepCode::ClipOn,
            'Put the clip on both parts, ' . $this->clipNear() . ' the plate.',
            'Both layers lie flat under all four prongs.',
        );
    }

    public function retractorFree(): CardStep
    {
        return new CardStep(
            StepCode::RetractorFree,
            $this->s->place?->retractor === Retractor::Switchable
                ? 'Let the belt wind in all the way once, so that the retractor is free again.'
                : 'Let the retractor wind in what is left.',
            'The shoulder part comes out and goes back freely.',
        );
    }
}
