<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Telling\Message;
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
                : new CardStep(StepCode::VehicleBack),
            $steps->headRestraint(),
            $mode->facesRear()
                ? new CardStep(StepCode::FrontSeat)
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
            $done === HeadRestraint::Removed => new CardStep(StepCode::HeadRestraint, 'removed'),
            $done === HeadRestraint::Raised => new CardStep(StepCode::HeadRestraint, 'raised'),
            $this->s->setup()->headRestraintPushes === true => new CardStep(StepCode::HeadRestraint, 'pushes'),
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
            $size !== null => $size->told(),
            $used === Wedge::Towel => new Message('wedge.towel'),
            default => new Message('wedge.noodles', ['count' => (string) ($this->s->setup()->wedgeCount ?? 0)]),
        };

        return new CardStep(StepCode::Wedge, with: ['stack' => $what]);
    }

    private function placeSeat(): CardStep
    {
        return $this->mode->hasHarness() && $this->s->isOnBase()
            ? new CardStep(StepCode::PlaceBase)
            : new CardStep(StepCode::PlaceSeat, match (true) {
                $this->mode->facesRear() => 'rear',
                ! $this->mode->hasBack() => 'backless',
                default => 'forward',
            });
    }

    private function openPath(): CardStep
    {
        return new CardStep(StepCode::OpenPath, with: ['path' => $this->mode->facesRear() ? BeltPath::Rear : BeltPath::Forward]);
    }
}
