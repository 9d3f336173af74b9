<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BusFixing;

/** How a system stands on one bench: what decides whether plans differ. */
final readonly class Shape
{
    /**
     * @param BusRestraint $system one of those that stand alike there
     * @param int|null $scarce number of the system, where there are fewer than riders who may use it
     * @param int|null $rear number of the system among those that face the rear
     */
    public function __construct(public BusRestraint $system, public BusFixing $fixing, public ?int $scarce, public ?int $rear) {}

    public function isWrapped(): bool
    {
        return $this->fixing === BusFixing::Wrap;
    }

    public function width(): int
    {
        return $this->system->widthPlaces;
    }

    public function key(): string
    {
        return implode('/', [$this->width(), (int) $this->isWrapped(), $this->scarce ?? '-', $this->rear ?? '-']);
    }
}
