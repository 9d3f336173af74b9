<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** A part of a check, in the order it is worked. */
enum Station: string
{
    case Label = 'label';
    case History = 'history';
    case Child = 'child';
    case Place = 'place';
    case Secure = 'secure';
    case Measure = 'measure';
    case Buckle = 'buckle';
    /** Only where the child rides on a bus. */
    case Bus = 'bus';
    case Handover = 'handover';

    /**
     * The stations of a check, in the order they are worked.
     *
     * @return list<self>
     */
    public static function of(bool $onBus): array
    {
        return array_values(array_filter(self::cases(), static fn(self $station): bool => $onBus || $station !== self::Bus));
    }

    /** Where it stands in the order of all stations. */
    public function rank(): int
    {
        return array_search($this, self::cases(), true) + 1;
    }

    /** 1 to 8, on a bus 1 to 9; also the key that opens it. */
    public function number(bool $onBus = false): int
    {
        return array_search($this, self::of($onBus), true) + 1;
    }

    /** The station before this one; null at the first. */
    public function before(bool $onBus = false): ?self
    {
        return self::of($onBus)[$this->number($onBus) - 2] ?? null;
    }

    /** The station after this one; null at the last. */
    public function after(bool $onBus = false): ?self
    {
        return self::of($onBus)[$this->number($onBus)] ?? null;
    }

    public function title(): Message
    {
        return new Message("stations.{$this->value}.title");
    }

    /** What the technician does here, in one line. */
    public function task(): Message
    {
        return new Message("stations.{$this->value}.task");
    }
}
