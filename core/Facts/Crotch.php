<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;

/** The crotch strap as it is. */
final readonly class Crotch
{
    public function __construct(
        /** The slot in use, counted from the back; null: not looked at. */
        #[Within(1, 100), Asked(Station::Buckle, 150, as: AnswerKind::Choice, from: AnswersFrom::CrotchSlots), StaleWith(Look::WayOfRiding)]
        #[Disturbs(Look::Straps, Look::CrotchStrap)]
        public ?int $slot = null,
        /** Whether the strap is under the child; null: not looked at. */
        #[Asked(Station::Buckle, 140), StaleWith(Look::CrotchStrap)]
        #[GoodWhen('no')]
        public ?bool $underChild = null,
        /** Whether it is the nearest allowed slot that is clear of the child; null: not looked at. */
        #[Asked(Station::Buckle, 160)]
        public ?bool $nearestClear = null,
    ) {}
}
