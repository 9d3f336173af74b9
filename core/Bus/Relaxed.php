<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BusSystem;

/** What may stand in the way of every plan, the easiest to give up first. */
enum Relaxed: string
{
    case Keep = 'keep';
    case Count = 'count';
    case System = 'system';
    case Belt = 'belt';
    case Anchors = 'lower_anchors';
    case Space = 'space';
    case Exit = 'exit';
    case Places = 'places';

    /** On each bench. */
    private const MORE_PLACES = 2;

    /**
     * @param list<BusBench> $benches
     * @return list<BusBench>
     */
    public function benches(array $benches): array
    {
        return array_map(fn(BusBench $b): BusBench => new BusBench(
            $b->row,
            $b->side,
            $b->places + ($this === self::Places ? self::MORE_PLACES : 0),
            $this === self::Exit ? false : $b->exit,
            $this === self::Belt ? Belt::LapShoulder : $b->belt,
            $this === self::Anchors ? true : $b->lowerAnchors,
            $b->integrated,
            $b->panelAhead,
            $this === self::Space ? null : $b->space,
        ), $benches);
    }

    /**
     * @param list<BusRider> $riders
     * @return list<BusRider>
     */
    public function riders(array $riders): array
    {
        return $this !== self::System ? $riders : array_map(
            static fn(BusRider $r): BusRider => new BusRider($r->name, $r->child, null, $r->stop, $r->adult),
            $riders,
        );
    }

    /**
     * @param list<BusRestraint> $systems
     * @return list<BusRestraint>
     */
    public function systems(array $systems, int $riders): array
    {
        return $this !== self::Count ? $systems : array_map(static fn(BusRestraint $s): BusRestraint => new BusRestraint(
            $s->id,
            $s->kind,
            $s->fixedBy,
            $s->kind === BusSystem::Integrated ? $s->count : $riders,
            $s->weightMin,
            $s->weightMax,
            $s->heightMax,
            $s->widthPlaces,
            $s->depth,
        ), $systems);
    }
}
