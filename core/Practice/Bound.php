<?php

declare(strict_types=1);

namespace MintBuckle\Core\Practice;

use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Quantity\Quantity;

/** A limit after all layers have spoken: the figure, whether reaching it is still allowed, and the layer it came from. */
final readonly class Bound
{
    /** @param list<Citation> $sources */
    public function __construct(
        public Quantity $value,
        public bool $inclusive,
        public string $from,
        public array $sources,
    ) {}

    public static function ofMaker(LimitEntry $entry, string $whose): self
    {
        return new self(
            $entry->value,
            ! $entry->below,
            $whose,
            [($whose === 'vehicle' ? Source::VehicleManual : Source::SeatManual)->cite()],
        );
    }

    public function allowsAtMost(Quantity $measured): bool
    {
        $order = $measured->compareTo($this->value);

        return $order < 0 || ($order === 0 && $this->inclusive);
    }

    public function allowsAtLeast(Quantity $measured): bool
    {
        $order = $measured->compareTo($this->value);

        return $order > 0 || ($order === 0 && $this->inclusive);
    }
}
