<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;

/**
 * How common each error is: 3 for those the trade names as the most common, 1 for rare ones, else 2. Common practice without a source; the
 * figures are this project's own.
 */
final readonly class DrillWeights
{
    /** Belt not locked, wrong path; harness loose or twisted; slot, clip; belt over the arm rest or under the arm, head part; tether. */
    private const COMMON = [
        'secure.belt_unlocked', 'secure.wrong_path', 'harness.slack', 'harness.twist', 'harness.height', 'harness.clip',
        'booster.guides', 'booster.under_arm', 'booster.head_support', 'measure.tether_unused', 'measure.loose',
    ];

    private const RARE = [
        'label.unreadable', 'label.standard', 'history.unknown', 'condition.altered', 'mode.not_offered', 'place.side_facing',
        'place.taken', 'secure.nothing', 'secure.clip_prongs', 'secure.hook_upside_down', 'secure.inflatable_belt',
        'secure.anchor_borrowed', 'secure.lockoff_wrong', 'measure.foot_position', 'measure.side_pod', 'measure.tether_overtight',
        'fit.shoulder_marker',
        'bus.exit_row', 'bus.belt_altered', 'bus.wrap_frayed', 'place.too_wide',
    ];

    /** What belongs to the paper work of a check, not to a set-up that is shown. */
    private const NOT_SHOWN = ['handover.checker_same', 'handover.certification'];

    /**
     * Every error that a drill may hold.
     *
     * @param array<string, int> $missed code => how much more often a learner needs it
     * @return non-empty-array<string, int> code => weight
     */
    public static function all(Rulebook $rulebook, array $missed = []): array
    {
        $weights = [];
        foreach ($rulebook->codes() as $code) {
            if (self::isShown($code, $rulebook)) {
                $weights[$code->value] = self::of($code->value) + max(0, $missed[$code->value] ?? 0);
            }
        }
        assert($weights !== []);

        return $weights;
    }

    /** Whether the trade, in its own telling, names it among the most common (handbook, section 2). */
    public static function isCommon(string $code): bool
    {
        return in_array($code, self::COMMON, true);
    }

    public static function of(string $code): int
    {
        return match (true) {
            self::isCommon($code) => 3,
            in_array($code, self::RARE, true) => 1,
            default => 2,
        };
    }

    private static function isShown(Code $code, Rulebook $rulebook): bool
    {
        $severities = $rulebook->finds($code)->severities;

        return ! in_array($code->value, self::NOT_SHOWN, true)
            && (in_array(Severity::Stop, $severities, true) || in_array(Severity::Fix, $severities, true));
    }
}
