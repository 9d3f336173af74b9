<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;

/** How the family is sent off. */
final readonly class Handover
{
    public function __construct(
        /** Whether the family did it themselves and showed it back; null: not yet. */
        #[Asked(Station::Handover, 20)]
        public ?bool $shownBack = null,
        /** Who worked here; null: nobody has signed. */
        #[Asked(Station::Handover, 30, AskedWhen::WhenNeeded, as: AnswerKind::Signature)]
        public ?Signer $technician = null,
        /** Who looked a second time; null: nobody has signed. */
        #[Asked(Station::Handover, 50, AskedWhen::WhenNeeded, as: AnswerKind::Signature)]
        public ?Signer $checker = null,
    ) {}
}
