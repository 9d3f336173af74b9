<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The vehicle belt at a place. */
enum Belt: string
{
    case LapShoulder = 'lap_shoulder';
    case Lap = 'lap';
    case None = 'none';
}
