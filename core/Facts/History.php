<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Finding\Station;

/** What happened to the seat. */
final readonly class History
{
    public function __construct(
        /** Whether somebody vouches for its past; null: not asked. */
        #[Asked(Station::History, 10, AskedWhen::WhenNeeded)]
        public ?bool $known = null,
        /** Whether it was ever in a crash; null: not asked. */
        #[Asked(Station::History, 20, AskedWhen::WhenNeeded)]
        public ?bool $crash = null,
        /** How bad the crash was. */
        public CrashPoints $crashPoints = new CrashPoints(),
        /**
         * What is cracked, bent, frayed, cut or not holding; an empty list: nothing; null: not looked at.
         *
         * @var list<string>|null
         */
        #[ListOf('string'), Asked(Station::History, 90, AskedWhen::WhenNeeded)]
        public ?array $damage = null,
        /** Whether it was repaired or changed at home; null: not looked at. */
        #[Asked(Station::History, 100, AskedWhen::WhenNeeded)]
        public ?bool $altered = null,
        /**
         * Parts that are not there; an empty list: none; null: not looked at.
         *
         * @var list<MissingPart>|null
         */
        #[ListOf(MissingPart::class), Asked(Station::History, 110, AskedWhen::WhenNeeded, as: AnswerKind::Essentials)]
        public ?array $partsMissing = null,
        /**
         * Things on it that did not come with it; an empty list: none; null: not looked at.
         *
         * @var list<Accessory>|null
         */
        #[ListOf(Accessory::class), Asked(Station::History, 130, AskedWhen::WhenNeeded, as: AnswerKind::Approvals)]
        public ?array $extras = null,
    ) {}
}
