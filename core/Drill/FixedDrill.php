<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use LogicException;
use MintBuckle\Core\Telling\Message;

/** Set-ups that the trade shows again and again; each is made of the stock like any other drill, with these very errors. */
enum FixedDrill: string
{
    case KnottedBelt = 'knotted_belt';
    case LooseWrap = 'loose_wrap';
    case UprightLoose = 'upright_loose';
    case ClipHigh = 'clip_high';
    case SlidDown = 'slid_down';
    case ClipLow = 'clip_low';
    case SlouchHidden = 'slouch_hidden';
    case VestBackwards = 'vest_backwards';
    case NoCrotchStrap = 'no_crotch_strap';
    case WrongPath = 'wrong_path';
    case CargoLoop = 'cargo_loop';
    case LapOnBelly = 'lap_on_belly';
    case ExpiredRecalled = 'expired_recalled';
    case OverTheAnchors = 'over_the_anchors';
    case ClipAndRetractor = 'clip_and_retractor';

    /** @return non-empty-list<string> codes of its errors */
    public function codes(): array
    {
        return match ($this) {
            self::KnottedBelt => ['bus.belt_altered', 'bus.buckle_end_long'],
            self::LooseWrap => ['bus.wrap_frayed', 'bus.wrap_loose'],
            self::UprightLoose => ['measure.loose', 'measure.too_upright'],
            self::ClipHigh => ['harness.clip', 'harness.height'],
            self::SlidDown => ['harness.slack', 'harness.slouch'],
            self::ClipLow => ['harness.clip', 'harness.height', 'harness.slack'],
            self::SlouchHidden => ['harness.slouch', 'harness.too_tight'],
            self::VestBackwards => ['bus.vest_backwards', 'bus.vest_over_coat'],
            self::NoCrotchStrap => ['bus.vest_no_crotch'],
            self::WrongPath => ['secure.wrong_path'],
            self::CargoLoop => ['secure.anchor_not_there'],
            self::LapOnBelly => ['booster.lap'],
            self::ExpiredRecalled => ['expiry.passed', 'recall.affected'],
            self::OverTheAnchors => ['secure.anchor_overweight'],
            self::ClipAndRetractor => ['secure.clip_with_lock'],
        };
    }

    public function title(): Message
    {
        return new Message("practice.fixed.{$this->value}");
    }

    /** @throws LogicException where the stock has nothing it can be shown on */
    public function make(DrillStock $stock, Dice $dice): Drill
    {
        return (new DrillMaker($stock, $dice))->of($this->codes(), $this->facts(), $this->slips())
            ?? throw new LogicException("{$this->value} cannot be shown on anything of this stock");
    }

    /** @return array<string, mixed> what the set-up must have */
    private function facts(): array
    {
        return match ($this) {
            self::UprightLoose, self::SlidDown => ['setup.belt_path' => 'rear'],
            self::ClipLow => ['setup.belt_path' => 'forward'],
            self::CargoLoop => ['setup.belt_path' => 'forward', 'setup.tether.used' => true],
            self::OverTheAnchors => ['setup.held_by' => 'lower_anchors'],
            self::ClipAndRetractor => ['setup.lock' => ['clip']],
            default => [],
        };
    }

    /** @return array<string, list<array<string, mixed>>> the only ways in which some of them may have gone wrong */
    private function slips(): array
    {
        return match ($this) {
            self::KnottedBelt => ['bus.belt_altered' => [['bus.bench.belt_condition' => 'knotted']]],
            self::ClipHigh => ['harness.clip' => [['setup.harness.clip' => 'high']]],
            self::ClipLow => ['harness.clip' => [['setup.harness.clip' => 'low']]],
            self::CargoLoop => ['secure.anchor_not_there' => [['setup.tether.anchor_designated' => false]]],
            self::ClipAndRetractor => ['secure.clip_with_lock' => [['setup.lock' => ['clip', 'retractor']]]],
            default => [],
        };
    }
}
