<?php

declare(strict_types=1);

namespace MintBuckle\Core\Schools;

use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Telling\Message;

/** A point on which schools of the trade differ (common practice without source), with the findings and the facts where it matters. */
enum SchoolPoint: string
{
    case Movement = 'movement';
    case Direction = 'direction';
    case TetherLoose = 'tether_loose';
    case LockThenBuckle = 'lock_then_buckle';
    case Slack = 'slack';
    case Clip = 'clip';
    case ForwardTether = 'forward_tether';
    case RearTether = 'rear_tether';
    case RearStraps = 'rear_straps';
    case ForwardStraps = 'forward_straps';
    case Tightness = 'tightness';
    case Nipples = 'nipples';
    case Turning = 'turning';
    case BeltOrAnchors = 'belt_or_anchors';
    case Weight = 'weight';
    case NoTetherAnchor = 'no_tether_anchor';
    case Recline = 'recline';
    case BoosterBelt = 'booster_belt';
    case Lap = 'lap';
    case HeadPart = 'head_part';
    case Middle = 'middle';
    case Crash = 'crash';
    case Proof = 'proof';
    case Roll = 'roll';

    /** @return array{point: Message, schools: Message, here: Message} what it is about, what the schools say, what is done here */
    public function told(): array
    {
        return [
            'point' => new Message("schools.{$this->value}.point"),
            'schools' => new Message("schools.{$this->value}.schools"),
            'here' => new Message("schools.{$this->value}.here"),
        ];
    }

    /**
     * The points that a finding touches.
     *
     * @param bool $facesRear whether the child does
     * @return list<self>
     */
    public static function ofFinding(Finding $finding, bool $facesRear): array
    {
        return self::touching($finding->code->value, $facesRear);
    }

    /** @return list<self> the points that an open question touches */
    public static function ofQuestion(Question $question, bool $facesRear): array
    {
        return self::touching($question->path, $facesRear);
    }

    /** @return list<self> */
    private static function touching(string $codeOrPath, bool $facesRear): array
    {
        return array_values(array_filter(
            self::cases(),
            static fn(self $point): bool => preg_match('/\A(?:' . $point->where() . ')\z/x', $codeOrPath) === 1
                && ($point->direction() ?? $facesRear) === $facesRear,
        ));
    }

    /** Whether it is a point of riding rearward alone, or forward alone; null: of both. */
    private function direction(): ?bool
    {
        return match ($this) {
            self::RearTether, self::RearStraps => true,
            self::ForwardTether, self::ForwardStraps, self::NoTetherAnchor => false,
            default => null,
        };
    }

    /** Codes of findings and paths of facts, as a pattern. */
    private function where(): string
    {
        return match ($this) {
            //                          codes of findings                                          paths of facts
            self::Movement       => 'measure\.(?:loose|at_limit)                                 |seat\.movement_max',
            self::Direction      => 'measure\.wrong_spot                                         |setup\.movement\.(?:side|front|up)(?:_felt)?',
            self::TetherLoose    => 'measure\.tether_masked                                      |setup\.movement\.tether_loose',
            self::LockThenBuckle => 'secure\.(?:belt_unlocked|double_lock)                       |setup\.lock',
            self::Slack          => 'secure\.belt_unlocked|measure\.loose                        |setup\.lock',
            self::Clip           => 'secure\.clip_(?:far|prongs|with_lock)                       |setup\.clip_(?:distance|prongs)|seat\.clip_distance_max',
            self::ForwardTether  => 'measure\.tether_(?:slack|unused)                            |setup\.tether\.(?:used|slack)',
            self::RearTether     => 'measure\.tether_(?:unused|forbidden|slack|overtight)        |setup\.tether\.(?:used|overtight|slack)|seat\.tether_rear',
            self::RearStraps     => 'harness\.height(?:_far)?                                    |setup\.harness\.(?:slot|strap|strap_offset)|seat\.strap_rule_rear',
            self::ForwardStraps  => 'harness\.height(?:_far)?                                    |setup\.harness\.(?:slot|strap|strap_offset)|seat\.strap_rule_forward',
            self::Tightness      => 'harness\.(?:slack|wrong_test)                               |setup\.harness\.tightness\..*|seat\.tightness_test',
            self::Nipples        => 'harness\.clip                                               |setup\.harness\.clip|seat\.chest_clip',
            self::Turning        => 'mode\.(?:under_one_forward|law_rear|forward_early)          |child\.born_on',
            self::BeltOrAnchors  => 'secure\.(?:both|anchor_.*|nothing)                          |setup\.held_by|seat\.belt_and_anchors_ok',
            self::Weight         => 'measure\.loose                                              |setup\.movement\.at_belt_path',
            self::NoTetherAnchor => 'place\.no_tether_anchor |vehicle\..*\.tether_anchor|seat\.tether_forward_required',
            self::Recline        => 'measure\.(?:too_upright|too_flat|zone|recline_setting)      |setup\.(?:indicator|angle|zone|recline_setting)',
            self::BoosterBelt    => 'booster\.belt_locked                                        |setup\.booster\.belt_locked',
            self::Lap            => 'booster\.lap                                                |setup\.booster\.lap|setup\.belt_fit\.lap',
            self::HeadPart       => 'booster\.head_support                                       |setup\.booster\.head_support_ok',
            self::Middle         => 'place\.(?:taken|no_belt|side_facing)                        |setup\.position',
            self::Crash          => 'history\.(?:crash|minor_crash|crash_unclear)                |seat\.history\.crash.*|seat\.replace_after_crash',
            self::Proof          => 'secure\.belt_unlocked                                       |vehicle\.positions\..*\.retractor',
            self::Roll           => 'extras\.unapproved|harness\.padding                         |setup\.harness\.padding|seat\.history\.extras',
        };
    }
}
