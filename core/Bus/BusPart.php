<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Message;

/** The parts of a check on a bus: four steps of setting up, then four looks at the child. Common practice of the trade. */
enum BusPart: string
{
    case Selection = 'selection';
    case Direction = 'direction';
    case Location = 'location';
    case Installation = 'installation';
    case RightSize = 'right_size';
    case SeatedRight = 'seated_right';
    case ShoulderPosition = 'shoulder_position';
    case Straps = 'straps';

    private const OF = [
        'bus.system' => self::Selection,
        'bus.vest.front_right' => self::Direction,
        'bus.bench.row' => self::Location,
        'bus.bench.side' => self::Location,
        'bus.bench.exit' => self::Location,
        'bus.place' => self::Location,
        'bus.window_restrained' => self::Location,
        'bus.vest.size_nearest' => self::RightSize,
        'bus.slouch' => self::SeatedRight,
        'bus.vest.over_coat' => self::SeatedRight,
        'bus.vest.crotch' => self::SeatedRight,
        'bus.vest.top_from' => self::ShoulderPosition,
        'bus.vest.strap_near_neck' => self::ShoulderPosition,
        'bus.vest.lowest_strap' => self::Straps,
        'bus.vest.fixed_hips' => self::Straps,
        'bus.vest.fixed_shoulders' => self::Straps,
        'bus.vest.rethreaded' => self::Straps,
    ];

    /** Which part a fact of the bus belongs to: what is not told apart is of how the system is fixed. */
    public static function of(string $path): self
    {
        return self::OF[$path] ?? self::Installation;
    }

    public function isOfChild(): bool
    {
        return in_array($this, [self::RightSize, self::SeatedRight, self::ShoulderPosition, self::Straps], true);
    }

    public function title(): Message
    {
        return new Message("bus.part.{$this->value}");
    }
}
