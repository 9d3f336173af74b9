<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

/** What can be tried, from the handbook's "getting it tight", its locking finder and its wedges. Common practice. */
enum AttemptCode: string
{
    case WeightIn = 'weight_in';
    case PullFromInside = 'pull_from_inside';
    case RockIt = 'rock_it';
    case PegBelt = 'peg_belt';
    case RatchetAgain = 'ratchet_again';
    case MakeRoom = 'make_room';
    case PushBackWithTether = 'push_back_with_tether';
    case CreaseFilled = 'crease_filled';
    case FreeRetractor = 'free_retractor';
    case OtherLock = 'other_lock';
    case WithoutTurns = 'without_turns';
    case TurnBuckle = 'turn_buckle';
    case TurnBuckleIfAllowed = 'turn_buckle_if_allowed';
    case StrapsLong = 'straps_long';
    case PressCushion = 'press_cushion';
    case TailStraight = 'tail_straight';
    case FootEnd = 'foot_end';
    case OtherSetting = 'other_setting';
    case Noodles = 'noodles';
    case Towel = 'towel';
    case TheBelt = 'the_belt';
    case TheAnchors = 'the_anchors';
    case OtherPlace = 'other_place';
    case OtherSeat = 'other_seat';
}
