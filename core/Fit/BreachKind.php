<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

/** Which rule a broken limit belongs to, so that it is told once. */
enum BreachKind
{
    case MakersLimit;
    case UnderOneForward;
    case LawRear;
    case BoosterFloor;
    case HeadRear;
    case HeadForward;
    case ShoulderMarker;
    case BeltFit;
    case LawBooster;
}
