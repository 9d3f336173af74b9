<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Where the shoulder part lies over a child in a booster. */
enum ShoulderPart: string
{
    case Neck = 'neck';
    case MidChest = 'mid_chest';
    case OffShoulder = 'off_shoulder';
}
