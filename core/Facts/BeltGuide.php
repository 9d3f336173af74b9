<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A guide of a booster that the belt must run through. */
enum BeltGuide: string
{
    case LapBuckleSide = 'lap_buckle_side';
    case LapDoorSide = 'lap_door_side';
    case Shoulder = 'shoulder';
}
