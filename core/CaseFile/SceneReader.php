<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\Advice;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\CrashPolicy;
use MintBuckle\Core\Facts\Handover;
use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Law;
use MintBuckle\Core\Facts\Policy;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Facts\Signer;
use MintBuckle\Core\Facts\TetherAnchorPlace;
use MintBuckle\Core\Facts\Vehicle;
use MintBuckle\Core\Quantity\MassUnit;

/** What stands around the seat: the day's settings, the child, the car, the people who sign. One line a key of the format. */
final readonly class SceneReader
{
    use ReadsSections;

    public static function policy(Node $node): Policy
    {
        $policy = new Policy(
            crash: $node->choice('crash', CrashPolicy::class),
            secondSigner: $node->flag('second_signer'),
        );
        $node->done();

        return $policy;
    }

    public static function law(Node $node): Law
    {
        $law = new Law(
            rearFacingUntilMonths: $node->months('rear_facing_until_months'),
            rearFacingUntilWeight: $node->mass('rear_facing_until_weight'),
            boosterFromMonths: $node->months('booster_from_months'),
            boosterUntilMonths: $node->months('booster_until_months'),
            backRowUntilMonths: $node->months('back_row_until_months'),
        );
        $node->done();

        return $law;
    }

    public static function recallList(Node $node): RecallList
    {
        $recallList = new RecallList(
            dated: $node->date('dated'),
            campaigns: self::all($node->objects('campaigns', 10_000), self::campaign(...)),
        );
        $node->done();

        return $recallList;
    }

    public static function campaign(Node $node): Campaign
    {
        $campaign = new Campaign(
            id: $node->required('id'),
            maker: $node->required('maker'),
            advice: $node->choice('advice', Advice::class) ?? Advice::StopUse,
            models: $node->texts('models') ?? [],
            madeFrom: $node->date('made_from'),
            madeTo: $node->date('made_to'),
            serialFrom: $node->text('serial_from'),
            serialTo: $node->text('serial_to'),
            defect: $node->text('defect'),
            remedy: $node->text('remedy'),
        );
        $node->done();

        return $campaign;
    }

    public static function child(Node $node): Child
    {
        $child = new Child(
            bornOn: $node->date('born_on'),
            ageMonths: $node->months('age_months'),
            dueOn: $node->date('due_on'),
            weight: $node->mass('weight', Bounds::childWeight()),
            height: $node->length('height', Bounds::childHeight()),
            sex: $node->choice('sex', Sex::class),
            sitsUnaided: $node->flag('sits_unaided'),
            shoulderHeight: $node->length('shoulder_height', Bounds::childHeight()),
            specialNeeds: $node->flag('special_needs'),
        );
        $node->done();

        return $child;
    }

    public static function vehicle(Node $node): Vehicle
    {
        $vehicle = new Vehicle(
            modelYear: $node->whole('model_year', Bounds::FIRST_YEAR, Bounds::LAST_YEAR),
            beltAndAnchorsOk: $node->flag('belt_and_anchors_ok'),
            borrowAnchorsOk: $node->flag('borrow_anchors_ok'),
            buckleTurnsOk: $node->flag('buckle_turns_ok'),
            lowerAnchorChildMax: $node->limit('lower_anchor_child_max', MassUnit::class),
            positions: self::all($node->objects('positions'), self::position(...)) ?? [],
        );
        $node->done();

        return $vehicle;
    }

    public static function position(Node $node): SeatingPosition
    {
        $position = new SeatingPosition(
            name: $node->required('name'),
            belt: $node->choice('belt', Belt::class),
            retractor: $node->choice('retractor', Retractor::class),
            latchPlate: $node->choice('latch_plate', LatchPlate::class),
            lowerAnchors: $node->flag('lower_anchors'),
            tetherAnchor: $node->flag('tether_anchor'),
            airbag: $node->flag('airbag'),
            inflatableBelt: $node->flag('inflatable_belt'),
            sideFacing: $node->flag('side_facing'),
            width: $node->length('width'),
            taken: $node->flag('taken'),
            tetherAnchorAt: $node->choice('tether_anchor_at', TetherAnchorPlace::class),
        );
        $node->done();

        return $position;
    }

    public static function handover(Node $node): Handover
    {
        $handover = new Handover(
            shownBack: $node->flag('shown_back'),
            technician: self::maybe($node->object('technician'), self::signer(...)),
            checker: self::maybe($node->object('checker'), self::signer(...)),
        );
        $node->done();

        return $handover;
    }

    public static function signer(Node $node): Signer
    {
        $signer = new Signer(
            id: $node->text('id'),
            certifiedUntil: $node->date('certified_until'),
        );
        $node->done();

        return $signer;
    }
}
