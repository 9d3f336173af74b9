<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

/** Every step that an installation card may hold, by the stable code of the case format, in the order of its parts. */
enum StepCode: string
{
    // Before
    case Parts = 'parts';
    case Slots = 'slots';
    case Crotch = 'crotch';
    case Insert = 'insert';
    case HeadRest = 'head_rest';
    case Recline = 'recline';
    case Foot = 'foot';
    case VehicleBack = 'vehicle_back';
    case HeadRestraint = 'head_restraint';
    case FrontSeat = 'front_seat';
    case Wedge = 'wedge';
    case PlaceSeat = 'place_seat';
    case PlaceBase = 'place_base';
    case OpenPath = 'open_path';

    // Held by the belt
    case Thread = 'thread';
    case DrawLittle = 'draw_little';
    case DeadZone = 'dead_zone';
    case BuckleTurns = 'buckle_turns';
    case Buckle = 'buckle';
    case Slack = 'slack';
    case RetractorTakeUp = 'retractor_take_up';
    case RetractorLength = 'retractor_length';
    case PlateSwitch = 'plate_switch';
    case RetractorEnd = 'retractor_end';
    case RetractorFeed = 'retractor_feed';
    case Weight = 'weight';
    case Tighten = 'tighten';
    case PlatePull = 'plate_pull';
    case CloseLockoff = 'close_lockoff';
    case CloseDoor = 'close_door';
    case Pinch = 'pinch';
    case Unbuckle = 'unbuckle';
    case ClipOn = 'clip_on';
    case RetractorFree = 'retractor_free';
    case Rebuckle = 'rebuckle';
    case Prove = 'prove';

    // Held by the lower anchors
    case AnchorStrapsLong = 'anchor_straps_long';
    case HookAnchors = 'hook_anchors';
    case TightenAnchors = 'tighten_anchors';
    case StoreBelt = 'store_belt';

    // After
    case ClickShell = 'click_shell';
    case Indicators = 'indicators';
    case TurnLock = 'turn_lock';
    case Movement = 'movement';
    case Level = 'level';
    case TetherHook = 'tether_hook';
    case TetherTighten = 'tether_tighten';
    case MovementAgain = 'movement_again';
    case LevelAgain = 'level_again';
    case SidePod = 'side_pod';
    case Handle = 'handle';
    case CloseCovers = 'close_covers';
    case Stow = 'stow';

    // Child
    case ChildIn = 'child_in';
    case Tongues = 'tongues';
    case Hips = 'hips';
    case HarnessTighten = 'harness_tighten';
    case ChestClip = 'chest_clip';
    case StrapTest = 'strap_test';

    // Booster and belt alone
    case BoosterAnchors = 'booster_anchors';
    case LapGuides = 'lap_guides';
    case ShoulderGuide = 'shoulder_guide';
    case BeltChild = 'belt_child';
    case BeltCheck = 'belt_check';
}
