<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Wedge\WedgeSize;

/** What is made ready before anything holds the seat: its parts, straps and recline, then the vehicle seat under and behind it. */
final readonly class BeforeSteps
{
    private function __construct(private AssessmentContext $s, private ModeName $mode) {}

    /** @return list<CardStep> those that this set-up needs, a head rest and a belt path included where the mode has them */
    public static function of(AssessmentContext $s, ModeName $mode, Mode $rules): array
    {
        $steps = new self($s, $mode);

        return array_values(array_filter([
            ...SeatReady::of($s, $mode, $rules),
            $mode->facesRear()
                ? null
                : new CardStep(
                    StepCode::VehicleBack,
                    'Set the vehicle seat back upright.',
                    'It stands upright and clicks; nothing lies between it and the seat.',
                ),
            $steps->headRestraint(),
            $mode->facesRear()
                ? new CardStep(
                    StepCode::FrontSeat,
                    'Move the vehicle seat ahead forward, as far as its rider allows.',
                    'The child seat has a gap to it or touches it lightly; it is not pressed.',
                )
                : null,
            $steps->wedge(),
            $steps->placeSeat(),
            $mode->hasHarness() ? $steps->openPath() : null,
        ]));
    }

    private function headRestraint(): ?CardStep
    {
        $done = $this->s->setup()->headRestraint;

        return match (true) {
            $done === HeadRestraint::Removed => new CardStep(
                StepCode::HeadRestraint,
                'Take the vehicle\'s head restraint off, as its manual allows, and keep it in the car.',
                'Seat back touches seat back. It goes back on for whoever sits here next.',
            ),
            $done === HeadRestraint::Raised => new CardStep(
                StepCode::HeadRestraint,
                'Raise the vehicle\'s head restraint.',
                'It clicks and no longer pushes the child seat forward.',
            ),
            $this->s->setup()->headRestraintPushes === true => new CardStep(
                StepCode::HeadRestraint,
                'Raise the vehicle\'s head restraint, or take it off where its manual allows.',
                'It no longer pushes the child seat away from the seat back.',
            ),
            default => null,
        };
    }

    private function wedge(): ?CardStep
    {
        $used = $this->s->setup()->wedge ?? Wedge::None;
        $size = WedgeSize::of($this->s);
        if (! $this->mode->facesRear() || $this->s->seat?->wedgeOk !== true || ($used === Wedge::None && $size === null)) {
            return null;
        }
        $what = match (true) {
            $size !== null => $size->inWords(),
            $used === Wedge::Towel => 'a rolled towel',
            default => [
                '1' => 'one noodle',
                '2' => 'two noodles',
                '3' => 'three noodles taped in a triangle',
            ][(string) ($this->s->setup()->wedgeCount ?? 0)] ?? 'the noodles',
        };

        return new CardStep(
            StepCode::Wedge,
            "Lay {$what} along the crease of the vehicle seat, under the edge of the base.",
            'It lies straight along the whole width of the base and does not roll out.',
        );
    }

    private function placeSeat(): CardStep
    {
        return $this->mode->hasHarness() && $this->s->isOnBase()
            ? new CardStep(
                StepCode::PlaceBase,
                'Put the base on the cushion, the shell still off.',
                'It stands flat, and enough of it rests on the cushion.',
            )
            : new CardStep(StepCode::PlaceSeat, match (true) {
                $this->mode->facesRear() => 'Put the seat on the cushion, facing the rear.',
                ! $this->mode->hasBack() => 'Put the booster on the cushion, against the vehicle seat back.',
                default => 'Put it on the cushion facing forward, back against back.',
            }, 'It stands flat, and enough of the base rests on the cushion.');
    }

    private function openPath(): CardStep
    {
        return new CardStep(
            StepCode::OpenPath,
            'Open the ' . (
                $this->mode->facesRear() ? 'rear-facing path, under the child\'s legs' : 'forward-facing path, behind the child\'s back'
            ) . ': covers and doors up, straps out of the way.',
            'You can see from one end to the other; no strap of the seat lies in it.',
        );
    }
}
