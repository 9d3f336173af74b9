<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use Brick\Math\BigDecimal;
use MintBuckle\Core\Facts\AngleFrom;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\BeltFit;
use MintBuckle\Core\Facts\BeltGuide;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Facts\Booster;
use MintBuckle\Core\Facts\ClipPlace;
use MintBuckle\Core\Facts\Crotch;
use MintBuckle\Core\Facts\Felt;
use MintBuckle\Core\Facts\FrontContact;
use MintBuckle\Core\Facts\Harness;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Indicator;
use MintBuckle\Core\Facts\LapPart;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\Marker;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Movement;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Facts\ShoulderPart;
use MintBuckle\Core\Facts\SidePod;
use MintBuckle\Core\Facts\StrapSeen;
use MintBuckle\Core\Facts\Tether;
use MintBuckle\Core\Facts\Tightness;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Facts\Tips;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Facts\WebbingSide;
use MintBuckle\Core\Facts\Wedge;

/** The set-up: the seat as it stands in the car with the child in it. One line a key of the format. */
final readonly class SetupReader
{
    use ReadsSections;

    public static function setup(Node $node): Setup
    {
        $setup = new Setup(
            mode: $node->choice('mode', ModeName::class),
            position: $node->place('position'),
            heldBy: $node->choice('held_by', HeldBy::class),
            beltPath: $node->choice('belt_path', BeltPath::class),
            webbing: $node->choice('webbing', Webbing::class),
            beltInGuides: $node->flag('belt_in_guides'),
            strapTrapped: $node->flag('strap_trapped'),
            lock: $node->choices('lock', Lock::class),
            lockoffUsed: $node->choice('lockoff_used', WebbingSide::class),
            clipDistance: $node->length('clip_distance'),
            clipProngs: $node->whole('clip_prongs', 0, 4),
            buckleTurns: self::halfTurns($node),
            buckleInPath: $node->flag('buckle_in_path'),
            twisted: $node->flag('twisted'),
            clampDoorClosed: $node->flag('clamp_door_closed'),
            anchorDesignated: $node->flag('anchor_designated'),
            anchorsBorrowed: $node->flag('anchors_borrowed'),
            hookRightWayUp: $node->flag('hook_right_way_up'),
            anchorTailLoose: $node->flag('anchor_tail_loose'),
            shellLocked: $node->flag('shell_locked'),
            base: $node->choice('base', BaseUse::class),
            unusedStrapsStowed: $node->flag('unused_straps_stowed'),
            movement: self::movement($node->section('movement')),
            tips: $node->choice('tips', Tips::class),
            levelGround: $node->flag('level_ground'),
            angle: $node->angle('angle'),
            angleFrom: $node->choice('angle_from', AngleFrom::class),
            indicator: $node->choice('indicator', Indicator::class),
            zone: $node->text('zone'),
            reclineSetting: $node->whole('recline_setting', 0, 100),
            foot: $node->text('foot'),
            overhang: $node->length('overhang'),
            baseOnCushion: $node->number('base_on_cushion', 0, 1),
            tether: self::tether($node->section('tether')),
            partsFitted: $node->texts('parts_fitted'),
            sidePod: $node->choice('side_pod', SidePod::class),
            wedge: $node->choice('wedge', Wedge::class),
            wedgeCount: $node->whole('wedge_count', 0, Bounds::WEDGES),
            frontContact: $node->choice('front_contact', FrontContact::class),
            handle: $node->text('handle'),
            vehicleBackUpright: $node->flag('vehicle_back_upright'),
            touchesVehicleBack: $node->flag('touches_vehicle_back'),
            headRestraintPushes: $node->flag('head_restraint_pushes'),
            headRestraint: $node->choice('head_restraint', HeadRestraint::class),
            emptyBoosterBuckled: $node->flag('empty_booster_buckled'),
            headToShellTop: $node->length('head_to_shell_top'),
            earsAbove: $node->flag('ears_above'),
            marker: $node->choice('marker', Marker::class),
            harness: self::harness($node->section('harness')),
            booster: self::maybe($node->object('booster'), self::booster(...)),
            beltFit: self::maybe($node->object('belt_fit'), self::beltFit(...)),
        );
        $node->done();

        return $setup;
    }

    public static function movement(Node $node): Movement
    {
        $movement = new Movement(
            side: $node->length('side'),
            front: $node->length('front'),
            up: $node->length('up'),
            atBeltPath: $node->flag('at_belt_path'),
            sideFelt: $node->choice('side_felt', Felt::class),
            frontFelt: $node->choice('front_felt', Felt::class),
            upFelt: $node->choice('up_felt', Felt::class),
            tetherLoose: $node->flag('tether_loose'),
        );
        $node->done();

        return $movement;
    }

    public static function tether(Node $node): Tether
    {
        $tether = new Tether(
            used: $node->flag('used'),
            anchorDesignated: $node->flag('anchor_designated'),
            hookRightWayUp: $node->flag('hook_right_way_up'),
            slack: $node->flag('slack'),
            overtight: $node->flag('overtight'),
            twisted: $node->flag('twisted'),
            routed: $node->flag('routed'),
        );
        $node->done();

        return $tether;
    }

    public static function harness(Node $node): Harness
    {
        $harness = new Harness(
            buckled: $node->flag('buckled'),
            slot: $node->whole('slot', 1, 1000),
            strap: $node->choice('strap', StrapSeen::class),
            strapOffset: $node->offset('strap_offset'),
            tightness: self::tightness($node->section('tightness')),
            hipsSnug: $node->flag('hips_snug'),
            tooTight: $node->flag('too_tight'),
            twisted: $node->flag('twisted'),
            clip: $node->choice('clip', ClipPlace::class),
            crotch: self::crotch($node->section('crotch')),
            slouch: $node->flag('slouch'),
            coat: $node->flag('coat'),
            padding: $node->flag('padding'),
            headSupportOk: $node->flag('head_support_ok'),
            tailLoose: $node->flag('tail_loose'),
            insert: $node->text('insert'),
        );
        $node->done();

        return $harness;
    }

    public static function tightness(Node $node): Tightness
    {
        $tightness = new Tightness(
            test: $node->choice('test', TightnessTest::class),
            passes: $node->flag('passes'),
        );
        $node->done();

        return $tightness;
    }

    public static function crotch(Node $node): Crotch
    {
        $crotch = new Crotch(
            slot: $node->whole('slot', 1, 100),
            underChild: $node->flag('under_child'),
            nearestClear: $node->flag('nearest_clear'),
        );
        $node->done();

        return $crotch;
    }

    public static function booster(Node $node): Booster
    {
        $booster = new Booster(
            lap: $node->choice('lap', LapPart::class),
            shoulder: $node->choice('shoulder', ShoulderPart::class),
            underArm: $node->flag('under_arm'),
            guidesOk: $node->flag('guides_ok'),
            headSupportOk: $node->flag('head_support_ok'),
            earsAbove: $node->flag('ears_above'),
            beltLocked: $node->flag('belt_locked'),
            slouch: $node->flag('slouch'),
            slack: $node->flag('slack'),
            guidesMissed: $node->choices('guides_missed', BeltGuide::class) ?? [],
        );
        $node->done();

        return $booster;
    }

    public static function beltFit(Node $node): BeltFit
    {
        $beltFit = new BeltFit(
            back: $node->flag('back'),
            knees: $node->flag('knees'),
            lap: $node->flag('lap'),
            shoulder: $node->flag('shoulder'),
            stays: $node->flag('stays'),
        );
        $node->done();

        return $beltFit;
    }

    /** Turns of the buckle stalk, in halves. */
    private static function halfTurns(Node $node): ?BigDecimal
    {
        $turns = $node->number('buckle_turns', 0, 20);

        return $turns === null || ! $turns->multipliedBy(2)->hasNonZeroFractionalPart()
            ? $turns
            : $node->wrong('buckle_turns', 'must be in whole or half turns');
    }
}
