<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ClipPlace;
use MintBuckle\Core\Facts\LapPart;
use MintBuckle\Core\Facts\ShoulderPart;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Telling\Message;

/**
 * The child from the front: slots to scale against the shoulder, where the strap may leave the seat, the chest clip's band,
 * the straps tight or slack; over a booster the belt across hip and shoulder. Pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class BuckleFront
{
    public const WIDTH = 420;

    public const HEIGHT = 430;

    /** The seat cushion. */
    public const CUSHION = 372;

    public const MIDDLE = 210;

    /** Shoulder height that stands in while it is not measured, in mm. */
    private const TYPICAL_SHOULDER_MM = 300.0;

    private const BUCKLE = 330;

    private const SLACK_BOW = 26;

    /**
     * @param float $top where the picture begins: a little above the head and the highest slot
     * @param float $height of the picture from there
     * @param list<array{number: int, y: float, allowed: bool, inUse: bool, right: bool}> $slots lowest first
     * @param array{float, float}|null $window top and bottom of where the strap may leave the seat
     * @param float $armpit where the chest clip belongs
     * @param array{y: float, joined: bool, right: bool}|null $clip
     * @param float|null $strap where the straps leave the seat
     * @param array{lap: float|null, shoulder: float|null, underArm: bool}|null $belt over a booster: height of the lap part, x of the
     *                                                                                shoulder part at the collar
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public float $top,
        public float $height,
        public float $shoulder,
        public bool $shoulderMeasured,
        public ?Length $shoulderLabel,
        public array $slots,
        public ?array $window,
        public float $armpit,
        public ?array $clip,
        public ?float $strap,
        public ?bool $tight,
        public ?array $belt,
        public array $text,
    ) {}

    /**
     * @param LengthUnit|null $unit in which the shoulder's height is written; as it was measured unless given
     * @param bool $lead whether what would be right shows before anything was recorded
     */
    public static function of(AssessmentContext $s, ?LengthUnit $unit = null, bool $lead = true): self
    {
        $lead = $lead || $s->setup()->harness->slot !== null;
        $measured = $s->child->shoulderHeight;
        $shoulderMm = $measured?->base()->toFloat() ?? self::TYPICAL_SHOULDER_MM;
        $harness = $s->isHarness();
        $heights = $harness ? array_map(static fn($slot): ?float => $slot->height?->base()->toFloat(), $s->seat->slots ?? []) : [];
        $scale = min(0.72, 250 / max([$shoulderMm, ...array_filter($heights)]));
        $y = static fn(float $mm): float => round(self::CUSHION - $mm * $scale, 1);
        $shoulder = $y($shoulderMm);
        $slots = $harness ? self::slots($s, $heights, $y, $lead) : [];
        $inUse = array_values(array_filter($slots, static fn(array $slot): bool => $slot['inUse']))[0] ?? null;
        $rule = $harness && $s->mode !== null ? $s->strapRule($s->mode) : null;
        $offset = $s->setup()->harness->strapOffset?->base()->toFloat();

        $top = min([$shoulder - 122, ...array_map(static fn(array $slot): float => $slot['y'] - 24, $slots)]);

        return new self(
            $top,
            self::HEIGHT - $top,
            $shoulder,
            $measured !== null,
            $measured,
            $slots,
            $measured === null || $rule === null || ! $lead ? null : self::window($rule, $shoulderMm, $y),
            $shoulder + 40,
            $harness ? self::clip($s->setup()->harness->clip, $shoulder) : null,
            $harness ? ($offset !== null ? $y($shoulderMm + $offset) : ($inUse['y'] ?? null)) : null,
            $harness ? $s->setup()->harness->tightness->passes : null,
            $s->isBooster() ? self::belt($s, $shoulder) : null,
            self::text($s, $lead),
        );
    }

    /** How far a strap bows out: a slack one is drawn slack. */
    public function shellPath(): string
    {
        $foot = self::CUSHION + 30;

        return "M96 {$foot}V" . ($this->shoulder - 70) . "q0-44 44-44h140q44 0 44 44V{$foot}z";
    }

    /** Shoulders, trunk and lap. */
    public function bodyPath(): string
    {
        return 'M' . (self::MIDDLE - 54) . ' ' . ($this->shoulder + 14) . 'q6-22 30-24h48q24 2 30 24l10 '
            . (self::CUSHION - $this->shoulder - 40) . 'q0 26-20 26h-88q-20 0-20-26z';
    }

    /** @return list<string> from the shell over the shoulders to the buckle, bowed out while they are slack */
    public function strapPaths(): array
    {
        $bow = 36 + ($this->tight === false ? self::SLACK_BOW : 0);
        $half = ($this->shoulder + self::BUCKLE) / 2;

        return array_map(
            fn(int $from, int $side): string => "M{$from} {$this->strap}L" . (self::MIDDLE + $side * 34) . ' ' . ($this->shoulder - 4)
                . 'Q' . (self::MIDDLE + $side * $bow) . " {$half} " . (self::MIDDLE + $side * 8) . ' ' . self::BUCKLE,
            [126, 294],
            [-1, 1],
        );
    }

    public function shoulderBeltPath(): string
    {
        $x = $this->belt['shoulder'] ?? 0.0;

        return 'M' . ($x - 26) . ' ' . ($this->shoulder - 96) . "L{$x} " . ($this->shoulder - 6) . 'L' . (self::MIDDLE + 62) . ' 338';
    }

    public function lapBeltPath(): string
    {
        return 'M' . (self::MIDDLE - 78) . ' ' . (self::CUSHION - 14) . 'Q' . self::MIDDLE . ' ' . (($this->belt['lap'] ?? 0.0) - 14)
            . ' ' . (self::MIDDLE + 66) . ' ' . (self::CUSHION - 24);
    }

    /**
     * @param list<float|null> $heights
     * @param callable(float): float $y
     * @return list<array{number: int, y: float, allowed: bool, inUse: bool, right: bool}>
     */
    private static function slots(AssessmentContext $s, array $heights, callable $y, bool $lead): array
    {
        $choice = $s->mode === null || ! $lead ? null : SlotChoice::of($s, $s->mode)->slot;
        $slots = [];
        foreach ($heights as $index => $height) {
            if ($height !== null) {
                $slots[] = [
                    'number' => $index + 1,
                    'y' => $y($height),
                    'allowed' => ! in_array($index + 1, $s->modeRules->slotsForbidden ?? [], true),
                    'inUse' => $s->setup()->harness->slot === $index + 1,
                    'right' => $choice === $index + 1,
                ];
            }
        }

        return $slots;
    }

    /**
     * @param callable(float): float $y
     * @return array{float, float}
     */
    private static function window(StrapRule $rule, float $shoulderMm, callable $y): array
    {
        return match ($rule) {
            StrapRule::AtOrBelow => [$y($shoulderMm), $y(0.45 * $shoulderMm)],
            StrapRule::AtOrAbove => [$y($shoulderMm + 0.45 * $shoulderMm), $y($shoulderMm)],
            StrapRule::LevelTo25Above => [$y($shoulderMm + SlotChoice::WINDOW_MM), $y($shoulderMm)],
        };
    }

    /** @return array{y: float, joined: bool, right: bool}|null */
    private static function clip(?ClipPlace $clip, float $shoulder): ?array
    {
        return match ($clip) {
            null => null,
            ClipPlace::High => ['y' => $shoulder + 8, 'joined' => true, 'right' => false],
            ClipPlace::Armpit => ['y' => $shoulder + 40, 'joined' => true, 'right' => true],
            ClipPlace::Low => ['y' => $shoulder + 92, 'joined' => true, 'right' => false],
            ClipPlace::Undone => ['y' => $shoulder + 40, 'joined' => false, 'right' => false],
        };
    }

    /** @return array{lap: float|null, shoulder: float|null, underArm: bool} */
    private static function belt(AssessmentContext $s, float $shoulder): array
    {
        $booster = $s->setup()->booster;

        return [
            'lap' => match ($booster?->lap) {
                LapPart::Thighs => (float) self::BUCKLE + 16,
                LapPart::Belly => (float) self::BUCKLE - 48,
                null => null,
            },
            'shoulder' => match ($booster?->shoulder) {
                ShoulderPart::Neck => self::MIDDLE - 16.0,
                ShoulderPart::MidChest => self::MIDDLE - 42.0,
                ShoulderPart::OffShoulder => self::MIDDLE - 74.0,
                null => null,
            },
            'underArm' => $booster?->underArm === true,
        ];
    }

    /** @return list<Message> */
    private static function text(AssessmentContext $s, bool $lead): array
    {
        $harness = $s->setup()->harness;
        $booster = $s->setup()->booster;
        $choice = $s->mode === null ? null : SlotChoice::of($s, $s->mode)->slot;
        $lines = match (true) {
            $s->isHarness() => [
                new Message('drawings.child.slot', ['known' => $harness->slot !== null, 'slot' => $harness->slot]),
                ...($lead ? [new Message('drawings.child.right', ['known' => $choice !== null, 'slot' => $choice])] : []),
                new Message('drawings.child.clip', ['clip' => $harness->clip ?? 'unknown']),
                new Message('drawings.child.tight', ['passes' => $harness->tightness->passes ?? 'unknown']),
            ],
            $s->isBooster() => [
                new Message('drawings.child.lap', ['lap' => $booster->lap ?? 'unknown']),
                new Message('drawings.child.shoulder_part', ['shoulder' => $booster->shoulder ?? 'unknown']),
            ],
            $s->mode?->hasSeat() === false => [new Message('drawings.child.belt_only')],
            default => [new Message('drawings.child.unknown')],
        };

        return [
            new Message('drawings.child.shoulder', [
                'shoulder' => $s->child->shoulderHeight,
                'known' => $s->child->shoulderHeight !== null,
            ]),
            ...$lines,
        ];
    }
}
