<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\SidePod;
use MintBuckle\Core\Facts\TetherAnchorPlace;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Truth\Truth;

/** What follows once a harness seat is held: shell, indicators, movement with the tether loose, tether, movement again, and tidying up. */
final readonly class AfterSteps
{
    private const WHERE = [
        'seat_back' => 'behind the vehicle seat back',
        'shelf' => 'on the shelf behind the seat',
        'floor' => 'on the floor behind the seat',
        'roof' => 'in the roof',
        'boot' => 'in the boot',
        'wall' => 'on the wall behind the seat',
    ];

    private function __construct(private AssessmentContext $s, private Mode $rules) {}

    /** @return list<CardStep> */
    public static function of(AssessmentContext $s, Mode $rules): array
    {
        $steps = new self($s, $rules);
        $tether = self::isTethered($s);
        $level = $s->isRear();

        return array_values(array_filter([
            ...($s->isOnBase() ? $steps->shell() : []),
            $s->seat?->turns === true && $s->isNotBaseless()
                ? new CardStep(
                    StepCode::TurnLock,
                    'Turn the shell to where it rides and lock it there.',
                    'It clicks and cannot be turned by hand; its indicator says locked.',
                )
                : null,
            $steps->movement(
                StepCode::Movement,
                'Try the movement at the belt path' . ($tether ? ', the tether still loose' : '') . ': weaker hand, a handshake\'s force.',
            ),
            $level ? $steps->level(StepCode::Level, 'Read the recline on level ground.') : null,
            ...($tether ? self::tether($s) : []),
            $tether ? $steps->movement(StepCode::MovementAgain, 'Try the movement at the belt path again.') : null,
            $tether && $level ? $steps->level(StepCode::LevelAgain, 'Read the recline again: a tether can draw the seat over.') : null,
            ...self::tidying($s, $rules),
        ]));
    }

    /** Whether a harness seat's tether is hooked on here: called for or in use, not forbidden, an anchor there. */
    public static function isTethered(AssessmentContext $s): bool
    {
        return $s->isHarness() && ! $s->tetherForbidden() && $s->place?->tetherAnchor === true
            && ($s->tetherCalledFor() === Truth::Yes || $s->setup()->tether->used === true);
    }

    /** @return list<CardStep> */
    public static function tether(AssessmentContext $s): array
    {
        $at = $s->place?->tetherAnchorAt;

        return [
            new CardStep(
                StepCode::TetherHook,
                'Hook the tether on' . (
                    $at instanceof TetherAnchorPlace ? ', ' . self::WHERE[$at->value] : ''
                ) . ', led round the head restraint as the vehicle shows.',
                'It is on a real tether anchor, the right way up, the strap flat.',
            ),
            new CardStep(
                StepCode::TetherTighten,
                $s->isRear() ? 'Take the slack out of the tether; do not draw the seat over.' : 'Tighten the tether.',
                $s->isRear() ? 'No slack is left and the seat has not shifted.' : 'No slack is left in the strap.',
            ),
        ];
    }

    /** @return list<CardStep|null> */
    public static function tidying(AssessmentContext $s, Mode $rules): array
    {
        $handles = $rules->handlePositions ?? [];

        return [
            self::sidePod($s),
            $handles === []
                ? null
                : new CardStep(
                    StepCode::Handle,
                    'Put the carrying handle in a position for travel: ' . str_replace('_', ' ', implode(' or ', $handles)) . '.',
                    'It clicks on both sides.',
                ),
            new CardStep(
                StepCode::CloseCovers,
                'Close covers, guides and doors of the seat.',
                'Nothing of the belt path stands open; the cover lies flat.',
            ),
            new CardStep(
                StepCode::Stow,
                'Store every strap that is not used where the seat keeps it.',
                'Nothing hangs loose in the seat or beside it.',
            ),
        ];
    }

    /** @return list<CardStep> */
    private function shell(): array
    {
        return [
            new CardStep(
                StepCode::ClickShell,
                'Set the shell on the base and press it down.',
                'It clicks and does not lift when pulled up.',
            ),
            new CardStep(StepCode::Indicators, 'Look at every indicator on base and shell.', 'All of them say locked, on both sides.'),
        ];
    }

    private function movement(StepCode $code, string $step): CardStep
    {
        $bound = MovementLimit::of($this->s)->bound;
        $amount = match (true) {
            $bound === null => 'no more than its maker allows',
            $bound->inclusive => "no more than {$bound->value->show()}",
            default => "less than {$bound->value->show()}",
        };

        return new CardStep($code, $step, "It moves {$amount}, side to side and front to back.");
    }

    private function level(StepCode $code, string $step): CardStep
    {
        return new CardStep(
            $code,
            $step,
            $this->rules->zones === []
                ? 'The indicator stands where it must, or the angle lies in the seat\'s own range.'
                : 'The indicator stands in the zone for this child.',
        );
    }

    private static function sidePod(AssessmentContext $s): ?CardStep
    {
        return match ($s->sidePodWanted()) {
            null => null,
            SidePod::DoorSide => new CardStep(
                StepCode::SidePod,
                'Put out the side pod on the door side, only that one.',
                'It clicks out and stays out.',
            ),
            SidePod::Both => new CardStep(StepCode::SidePod, 'Put out both side pods.', 'Both click out and stay out.'),
            SidePod::None => new CardStep(
                StepCode::SidePod,
                'Fold the side pods in: at this place none is out.',
                'Both lie flat against the shell.',
            ),
        };
    }
}
