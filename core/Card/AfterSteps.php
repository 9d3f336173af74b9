<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\SidePod;
use MintBuckle\Core\Facts\TetherAnchorPlace;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** What follows once a harness seat is held: shell, indicators, movement with the tether loose, tether, movement again, and tidying up. */
final readonly class AfterSteps
{
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
                ? new CardStep(StepCode::TurnLock)
                : null,
            $steps->movement(StepCode::Movement, $tether ? 'tether' : null),
            $level ? $steps->level(StepCode::Level) : null,
            ...($tether ? self::tether($s) : []),
            $tether ? $steps->movement(StepCode::MovementAgain) : null,
            $tether && $level ? $steps->level(StepCode::LevelAgain) : null,
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
            new CardStep(StepCode::TetherHook, with: ['at' => $at instanceof TetherAnchorPlace ? $at : 'unknown']),
            new CardStep(StepCode::TetherTighten, $s->isRear() ? 'rear' : null),
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
                : new CardStep(StepCode::Handle, with: ['handles' => Listing::any(array_map(self::handle(...), $handles))]),
            new CardStep(StepCode::CloseCovers),
            new CardStep(StepCode::Stow),
        ];
    }

    /** @return list<CardStep> */
    private function shell(): array
    {
        return [
            new CardStep(StepCode::ClickShell),
            new CardStep(StepCode::Indicators),
        ];
    }

    private function movement(StepCode $code, ?string $variant = null): CardStep
    {
        $bound = MovementLimit::of($this->s)->bound;

        return new CardStep($code, $variant, [
            'known' => $bound === null ? 'no' : ($bound->inclusive ? 'inclusive' : 'below'),
            'limit' => $bound?->value,
        ]);
    }

    private function level(StepCode $code): CardStep
    {
        return new CardStep($code, $this->rules->zones === [] ? null : 'zones');
    }

    private static function sidePod(AssessmentContext $s): ?CardStep
    {
        return match ($s->sidePodWanted()) {
            null => null,
            SidePod::DoorSide => new CardStep(StepCode::SidePod, 'door_side'),
            SidePod::Both => new CardStep(StepCode::SidePod, 'both'),
            SidePod::None => new CardStep(StepCode::SidePod, 'none'),
        };
    }

    /** Three positions have names of their own; others are as the manual calls them. */
    public static function handle(string $handle): Message|string
    {
        return in_array($handle, ['up', 'down', 'back'], true) ? new Message("handles.{$handle}") : str_replace('_', ' ', $handle);
    }
}
