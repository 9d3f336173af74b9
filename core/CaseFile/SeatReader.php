<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\ClampOrder;
use MintBuckle\Core\Facts\CrashPoints;
use MintBuckle\Core\Facts\Extra;
use MintBuckle\Core\Facts\History;
use MintBuckle\Core\Facts\Holding;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Facts\Leave;
use MintBuckle\Core\Facts\LockoffPlace;
use MintBuckle\Core\Facts\MissingPart;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Facts\ReplaceAfterCrash;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SidePod;
use MintBuckle\Core\Facts\Slot;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Facts\WebbingSide;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\MonthUnit;

/** A seat, its modes and its history. One line a key of the format. */
final readonly class SeatReader
{
    use ReadsSections;

    public static function seat(Node $node): Seat
    {
        $seat = new Seat(
            maker: $node->text('maker'),
            model: $node->text('model'),
            name: $node->text('name'),
            serial: $node->text('serial'),
            madeOn: $node->partialDate('made_on'),
            useUntil: $node->partialDate('use_until'),
            lifeYears: $node->whole('life_years', 1, 40),
            weight: $node->mass('weight'),
            standards: $node->texts('standards'),
            labelReadable: $node->flag('label_readable'),
            registered: $node->flag('registered'),
            remedied: $node->texts('remedied') ?? [],
            lockoff: $node->flag('lockoff'),
            lockoffUse: $node->choice('lockoff_use', WebbingSide::class),
            lockoffOn: $node->choice('lockoff_on', LockoffPlace::class),
            clampDoor: $node->flag('clamp_door'),
            lockRetractorToo: $node->choice('lock_retractor_too', Leave::class),
            clampOrder: $node->choice('clamp_order', ClampOrder::class),
            detachable: $node->flag('detachable'),
            turns: $node->flag('turns'),
            baseless: $node->choice('baseless', Permission::class),
            baselessWebbing: $node->choice('baseless_webbing', Webbing::class),
            aircraftCertified: $node->flag('aircraft_certified'),
            makerPrefers: $node->choice('maker_prefers', Holding::class),
            beltAndAnchorsOk: $node->flag('belt_and_anchors_ok'),
            borrowAnchorsOk: $node->flag('borrow_anchors_ok'),
            inflatableBeltOk: $node->flag('inflatable_belt_ok'),
            wedgeOk: $node->flag('wedge_ok'),
            tetherRear: $node->choice('tether_rear', Leave::class),
            tetherForwardRequired: $node->flag('tether_forward_required'),
            lowerAnchorChildMax: $node->limit('lower_anchor_child_max', MassUnit::class),
            clipDistanceMax: $node->limit('clip_distance_max', LengthUnit::class),
            movementMax: $node->limit('movement_max', LengthUnit::class),
            overhangMax: $node->limit('overhang_max', LengthUnit::class),
            strapRuleRear: $node->choice('strap_rule_rear', StrapRule::class),
            strapRuleForward: $node->choice('strap_rule_forward', StrapRule::class),
            tightnessTest: $node->choice('tightness_test', TightnessTest::class),
            chestClip: $node->flag('chest_clip'),
            sidePod: $node->choice('side_pod', SidePod::class),
            baseLength: $node->length('base_length'),
            width: $node->length('width'),
            replaceAfterCrash: $node->choice('replace_after_crash', ReplaceAfterCrash::class),
            slots: self::all($node->objects('slots'), self::slot(...)),
            inserts: self::all($node->objects('inserts'), self::insert(...)),
            modes: self::modes($node),
            history: self::history($node->section('history')),
        );
        $node->done();

        return $seat;
    }

    public static function mode(Node $node): Mode
    {
        $mode = new Mode(
            weightMin: $node->limit('weight_min', MassUnit::class),
            weightMax: $node->limit('weight_max', MassUnit::class),
            heightMin: $node->limit('height_min', LengthUnit::class),
            heightMax: $node->limit('height_max', LengthUnit::class),
            ageMinMonths: $node->limit('age_min_months', MonthUnit::class),
            ageMaxMonths: $node->limit('age_max_months', MonthUnit::class),
            headClearanceMin: $node->limit('head_clearance_min', LengthUnit::class),
            angleMin: $node->limit('angle_min', AngleUnit::class),
            angleMax: $node->limit('angle_max', AngleUnit::class),
            uprightWhenSits: $node->flag('upright_when_sits'),
            zones: self::all($node->objects('zones'), self::zone(...)) ?? [],
            recline: self::all($node->objects('recline'), self::reclineRow(...)) ?? [],
            crotchSlots: $node->wholes('crotch_slots', 1, 100),
            slotsForbidden: $node->wholes('slots_forbidden', 1, 1000) ?? [],
            handlePositions: $node->texts('handle_positions'),
            foot: $node->text('foot'),
            webbing: $node->choice('webbing', Webbing::class),
            shoulderMarkers: $node->flag('shoulder_markers'),
            anchorsAllowed: $node->flag('anchors_allowed'),
            partsRequired: $node->texts('parts_required') ?? [],
            partsForbidden: $node->texts('parts_forbidden') ?? [],
        );
        $node->done();

        return $mode;
    }

    public static function zone(Node $node): Zone
    {
        $zone = new Zone(
            name: $node->required('name'),
            ageMinMonths: $node->limit('age_min_months', MonthUnit::class),
            ageMaxMonths: $node->limit('age_max_months', MonthUnit::class),
            weightMin: $node->limit('weight_min', MassUnit::class),
            weightMax: $node->limit('weight_max', MassUnit::class),
            needsSitting: $node->flag('needs_sitting'),
        );
        $node->done();

        return $zone;
    }

    public static function reclineRow(Node $node): ReclineRow
    {
        $reclineRow = new ReclineRow(
            settings: $node->wholes('settings', 0, 100) ?? [],
            weightMin: $node->limit('weight_min', MassUnit::class),
            weightMax: $node->limit('weight_max', MassUnit::class),
        );
        $node->done();

        return $reclineRow;
    }

    public static function slot(Node $node): Slot
    {
        $slot = new Slot(
            height: $node->length('height'),
        );
        $node->done();

        return $slot;
    }

    public static function insert(Node $node): Insert
    {
        $insert = new Insert(
            name: $node->required('name'),
            weightMin: $node->limit('weight_min', MassUnit::class),
            weightMax: $node->limit('weight_max', MassUnit::class),
        );
        $node->done();

        return $insert;
    }

    public static function history(Node $node): History
    {
        $history = new History(
            known: $node->flag('known'),
            crash: $node->flag('crash'),
            crashPoints: self::crashPoints($node->section('crash_points')),
            damage: $node->texts('damage'),
            altered: $node->flag('altered'),
            partsMissing: self::all($node->objects('parts_missing'), self::missingPart(...)),
            extras: self::all($node->objects('extras'), self::extra(...)),
        );
        $node->done();

        return $history;
    }

    public static function crashPoints(Node $node): CrashPoints
    {
        $crashPoints = new CrashPoints(
            droveAway: $node->flag('drove_away'),
            nearDoorSound: $node->flag('near_door_sound'),
            nobodyHurt: $node->flag('nobody_hurt'),
            noAirbag: $node->flag('no_airbag'),
            seatSound: $node->flag('seat_sound'),
        );
        $node->done();

        return $crashPoints;
    }

    public static function missingPart(Node $node): MissingPart
    {
        $missingPart = new MissingPart(
            name: $node->required('name'),
            essential: $node->flag('essential'),
        );
        $node->done();

        return $missingPart;
    }

    public static function extra(Node $node): Extra
    {
        $extra = new Extra(
            name: $node->required('name'),
            approved: $node->flag('approved'),
        );
        $node->done();

        return $extra;
    }

    /** @return array<value-of<ModeName>, Mode>|null most protective first, whatever the file's order */
    private static function modes(Node $node): ?array
    {
        $modes = $node->object('modes');
        if ($modes === null) {
            return null;
        }
        $read = [];
        foreach (ModeName::cases() as $name) {
            $mode = $name === ModeName::BeltOnly ? null : $modes->object($name->value);
            if ($mode !== null) {
                $read[$name->value] = self::mode($mode);
            }
        }
        $modes->done();

        return $read;
    }
}
