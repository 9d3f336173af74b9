<?php

declare(strict_types=1);

namespace App\Bus;

use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripMark;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Telling\Message;

/** One line of the list: what it should be like, and how it was found. */
final readonly class TripLine
{
    /** @param string|null $time when it was looked at */
    public function __construct(public TripItem $item, public ?TripMark $mark, private ?string $time) {}

    public function state(): string
    {
        return $this->mark === null ? 'open' : $this->mark->outcome->value;
    }

    public function seen(): ?Message
    {
        return $this->mark === null ? null : self::told($this->mark, (string) $this->time);
    }

    public static function told(TripMark $mark, string $time): Message
    {
        return new Message('trips.seen', [
            'outcome' => $mark->outcome,
            'what' => $mark->found === null ? (string) $mark->note : self::title($mark->found),
            'noted' => $mark->found !== null && $mark->note !== null,
            'note' => (string) $mark->note,
            'initials' => $mark->initials,
            'time' => $time,
        ]);
    }

    /** @return array<string, Message> what may be wrong here, by code */
    public function faults(): array
    {
        $codes = $this->item->look->faults($this->item->system);

        return array_combine(
            array_map(static fn(Code $code): string => $code->value, $codes),
            array_map(self::title(...), $codes),
        );
    }

    public static function title(Code $code): Message
    {
        return new Message("findings.{$code->value}.title");
    }
}
