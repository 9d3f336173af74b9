<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Telling\Message;

/** What a learner does to see something of a set-up; nothing of it shows before. In the order in which a technician works. */
enum DrillLook: string
{
    case Label = 'label';
    case Family = 'family';
    case Scale = 'scale';
    case Manual = 'manual';
    case Place = 'place';
    case Belt = 'belt';
    case Movement = 'movement';
    case Recline = 'recline';
    case Tether = 'tether';
    case Front = 'front';
    case Pinch = 'pinch';
    case Bench = 'bench';
    case Vest = 'vest';

    /** Which look shows a fact; null for what is no part of a set-up. */
    public static function of(string $path): ?self
    {
        $station = Questionnaire::standard()->for($path)?->station;

        return match (true) {
            str_starts_with($path, 'recall_list.') => self::Label,
            str_starts_with($path, 'child.age') => self::Family,
            str_starts_with($path, 'setup.tether.') => self::Tether,
            str_starts_with($path, 'setup.movement.') => self::Movement,
            str_starts_with($path, 'setup.harness.tightness.') => self::Pinch,
            str_starts_with($path, 'bus.vest.') => self::Vest,
            $station === Station::Label => self::Label,
            $station === Station::History => self::Family,
            str_starts_with($path, 'seat.') => self::Manual,
            default => match ($station) {
                Station::Child => self::Scale,
                Station::Place => self::Place,
                Station::Secure => self::Belt,
                Station::Measure => self::Recline,
                Station::Buckle => self::Front,
                Station::Bus => self::Bench,
                default => null,
            },
        };
    }

    public function title(): Message
    {
        return new Message("practice.look.{$this->value}");
    }
}
