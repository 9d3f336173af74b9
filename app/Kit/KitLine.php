<?php

declare(strict_types=1);

namespace App\Kit;

use MintBuckle\Core\Kit\KitItem;

/** One thing of the kit. */
final readonly class KitLine
{
    /**
     * @param int|null $left how many there are; null: nobody has counted
     * @param int $taken by checks of this event
     */
    public function __construct(public KitItem $item, public ?int $left, public int $taken, public int $minimum) {}

    public function isLow(): bool
    {
        return $this->left !== null && $this->left < $this->minimum;
    }
}
