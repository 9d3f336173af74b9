<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;

/** The five points of a minor crash. */
final readonly class CrashPoints
{
    public function __construct(
        /** Whether the car could be driven away; null: not known. */
        #[Asked(Station::History, 40, AskedWhen::WhenNeeded)]
        public ?bool $droveAway = null,
        /** Whether the door nearest the seat was undamaged; null: not known. */
        #[Asked(Station::History, 50, AskedWhen::WhenNeeded)]
        public ?bool $nearDoorSound = null,
        /** Whether everybody in the car was unhurt; null: not known. */
        #[Asked(Station::History, 60, AskedWhen::WhenNeeded)]
        public ?bool $nobodyHurt = null,
        /** Whether every airbag stayed closed; null: not known. */
        #[Asked(Station::History, 70, AskedWhen::WhenNeeded)]
        public ?bool $noAirbag = null,
        /** Whether the seat shows no damage; null: not known. */
        #[Asked(Station::History, 80, AskedWhen::WhenNeeded)]
        public ?bool $seatSound = null,
    ) {}
}
