<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** At most one of bornOn, ageMonths and dueOn is known. */
final readonly class Child
{
    public function __construct(
        /** Birth date; null: not known. */
        #[Asked(Station::Child, 10)]
        public ?CalendarDate $bornOn = null,
        /** Age in completed months, where no birth date is known; null: not known. */
        public ?Months $ageMonths = null,
        /** Expected birth of a child not yet born; null: born. */
        public ?CalendarDate $dueOn = null,
        /** Weight, clothed lightly; null: not weighed. */
        #[Within(0, 200), Asked(Station::Child, 20)]
        public ?Mass $weight = null,
        /** Standing or lying height; null: not measured. */
        #[Within(0, 2500), Asked(Station::Child, 30)]
        public ?Length $height = null,
        /** Which growth chart; null: both are asked. */
        #[Asked(Station::Child, 50)]
        public ?Sex $sex = null,
        /** Whether the child sits without support; null: not known. */
        #[Asked(Station::Child, 60)]
        public ?bool $sitsUnaided = null,
        /** Vehicle or child seat cushion to the top of the shoulder, sitting; null: not measured. */
        #[Within(0, 2500), Asked(Station::Child, 40)]
        public ?Length $shoulderHeight = null,
        /** Medical or positioning needs; null: not asked. */
        #[Asked(Station::Child, 70)]
        public ?bool $specialNeeds = null,
    ) {}
}
