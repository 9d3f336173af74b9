<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** Every finding the trade knows here, by its stable dotted code. Codes are never renamed: old records carry them. */
enum Code: string
{
    case LabelUnreadable = 'label.unreadable';
    case LabelNameOnly = 'label.name_only';
    case LabelStandard = 'label.standard';
    case ExpiryPassed = 'expiry.passed';
    case ExpirySoon = 'expiry.soon';
    case ExpiryUnknown = 'expiry.unknown';
    case RecallAffected = 'recall.affected';
    case RecallPossible = 'recall.possible';
    case RecallListStale = 'recall.list_stale';
    case RegisterMissing = 'register.missing';
    case HistoryUnknown = 'history.unknown';
    case HistoryCrash = 'history.crash';
    case HistoryMinorCrash = 'history.minor_crash';
    case HistoryCrashUnclear = 'history.crash_unclear';
    case ConditionDamage = 'condition.damage';
    case ConditionAltered = 'condition.altered';
    case ConditionPartMissing = 'condition.part_missing';
    case ConditionPartMissingMinor = 'condition.part_missing_minor';
    case ExtrasUnapproved = 'extras.unapproved';
    case ExtrasInsertRange = 'extras.insert_range';
    case ModeNotOffered = 'mode.not_offered';
    case ModeLimitsUnknown = 'mode.limits_unknown';
    case ModeUnderOneForward = 'mode.under_one_forward';
    case ModeLawRear = 'mode.law_rear';
    case ModeForwardEarly = 'mode.forward_early';
    case ModeOutsideLimits = 'mode.outside_limits';
    case ModeBoosterEarly = 'mode.booster_early';
    case ModeBoosterCouldHarness = 'mode.booster_could_harness';
    case ModeBackOffEarly = 'mode.back_off_early';
    case ModeBeltOnlyEarly = 'mode.belt_only_early';
    case ModeLawBooster = 'mode.law_booster';
    case ModeFrontRowUnder13 = 'mode.front_row_under_13';
    case FitHeadRear = 'fit.head_rear';
    case FitHeadForward = 'fit.head_forward';
    case FitShoulderMarker = 'fit.shoulder_marker';
    case ChildSpecialist = 'child.specialist';
    case PlaceAirbag = 'place.airbag';
    case PlaceAirbagForward = 'place.airbag_forward';
    case PlaceTaken = 'place.taken';
    case PlaceSideFacing = 'place.side_facing';
    case PlaceNoBelt = 'place.no_belt';
    case PlaceBoosterLapOnly = 'place.booster_lap_only';
    case PlaceNoTetherAnchor = 'place.no_tether_anchor';
    case PlaceFrontContact = 'place.front_contact';
    case PlaceHandle = 'place.handle';
    case PlaceBackNotUpright = 'place.back_not_upright';
    case PlaceGapBehind = 'place.gap_behind';
    case PlaceHeadRestraint = 'place.head_restraint';
    case PlaceTooWide = 'place.too_wide';
    case SecureNothing = 'secure.nothing';
    case SecureBoth = 'secure.both';
    case SecureBoosterAnchorNotAllowed = 'secure.booster_anchor_not_allowed';
    case SecureWrongPath = 'secure.wrong_path';
    case SecureWebbingPath = 'secure.webbing_path';
    case SecureBeltGuides = 'secure.belt_guides';
    case SecureAnchorOverweight = 'secure.anchor_overweight';
    case SecureAnchorNotThere = 'secure.anchor_not_there';
    case SecureAnchorBorrowed = 'secure.anchor_borrowed';
    case SecureHookUpsideDown = 'secure.hook_upside_down';
    case SecureBeltUnlocked = 'secure.belt_unlocked';
    case SecureDoubleLock = 'secure.double_lock';
    case SecureLockoffWrong = 'secure.lockoff_wrong';
    case SecureClipFar = 'secure.clip_far';
    case SecureClipProngs = 'secure.clip_prongs';
    case SecureClipWithLock = 'secure.clip_with_lock';
    case SecureTwist = 'secure.twist';
    case SecureStrapTrapped = 'secure.strap_trapped';
    case SecureBuckleTurns = 'secure.buckle_turns';
    case SecureBuckleInPath = 'secure.buckle_in_path';
    case SecureInflatableBelt = 'secure.inflatable_belt';
    case SecureDoorOpen = 'secure.door_open';
    case SecureShellUnlocked = 'secure.shell_unlocked';
    case SecureBaselessNotAllowed = 'secure.baseless_not_allowed';
    case SecureStrapsNotStowed = 'secure.straps_not_stowed';
    case SecureTail = 'secure.tail';
    case SecureBoosterNotParked = 'secure.booster_not_parked';
    case MeasureLoose = 'measure.loose';
    case MeasureAtLimit = 'measure.at_limit';
    case MeasureTetherMasked = 'measure.tether_masked';
    case MeasureWrongSpot = 'measure.wrong_spot';
    case MeasureTooUpright = 'measure.too_upright';
    case MeasureTooFlat = 'measure.too_flat';
    case MeasureZone = 'measure.zone';
    case MeasureNotLevel = 'measure.not_level';
    case MeasureReclineSetting = 'measure.recline_setting';
    case MeasureFootPosition = 'measure.foot_position';
    case MeasureOverhang = 'measure.overhang';
    case MeasureTetherUnused = 'measure.tether_unused';
    case MeasureTetherForbidden = 'measure.tether_forbidden';
    case MeasureTetherSlack = 'measure.tether_slack';
    case MeasureTetherOvertight = 'measure.tether_overtight';
    case MeasureTetherTwist = 'measure.tether_twist';
    case MeasureTetherRoute = 'measure.tether_route';
    case MeasurePartRequired = 'measure.part_required';
    case MeasurePartForbidden = 'measure.part_forbidden';
    case MeasureSidePod = 'measure.side_pod';
    case MeasureWedgeNotAllowed = 'measure.wedge_not_allowed';
    case HarnessNotBuckled = 'harness.not_buckled';
    case HarnessHeight = 'harness.height';
    case HarnessHeightFar = 'harness.height_far';
    case HarnessSlack = 'harness.slack';
    case HarnessWrongTest = 'harness.wrong_test';
    case HarnessHipSlack = 'harness.hip_slack';
    case HarnessTooTight = 'harness.too_tight';
    case HarnessTwist = 'harness.twist';
    case HarnessClip = 'harness.clip';
    case HarnessCrotch = 'harness.crotch';
    case HarnessSlouch = 'harness.slouch';
    case HarnessCoat = 'harness.coat';
    case HarnessPadding = 'harness.padding';
    case HarnessHeadSupport = 'harness.head_support';
    case HarnessTail = 'harness.tail';
    case BoosterLap = 'booster.lap';
    case BoosterShoulder = 'booster.shoulder';
    case BoosterUnderArm = 'booster.under_arm';
    case BoosterGuides = 'booster.guides';
    case BoosterSlouch = 'booster.slouch';
    case BoosterSlack = 'booster.slack';
    case BoosterHeadSupport = 'booster.head_support';
    case BoosterHead = 'booster.head';
    case BoosterLapOnly = 'booster.lap_only';
    case BoosterBeltLocked = 'booster.belt_locked';
    case HandoverUnsigned = 'handover.unsigned';
    case HandoverCheckerSame = 'handover.checker_same';
    case HandoverNotShownBack = 'handover.not_shown_back';
    case HandoverCertification = 'handover.certification';

    public function station(): Station
    {
        return match (strstr($this->value, '.', true)) {
            'label', 'expiry', 'recall', 'register' => Station::Label,
            'history', 'condition', 'extras' => Station::History,
            'mode', 'fit', 'child' => Station::Child,
            'place' => Station::Place,
            'secure' => Station::Secure,
            'measure' => Station::Measure,
            'harness', 'booster' => Station::Buckle,
            default => Station::Handover,
        };
    }
}
