<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Telling\Message;

/** Everybody seated so that no rule breaks. */
final readonly class BusPlan
{
    /**
     * @param array<string, BusSeat> $seats rider => seat, as the riders are listed
     * @param list<string> $boarding names by stop, rear first
     * @param list<BusBench> $empty benches that stay empty behind a wrap
     * @param list<Message> $why
     */
    public function __construct(public array $seats, public array $boarding, public array $empty, public array $why) {}

    /** Plans of one key seat everybody alike. */
    public function key(): string
    {
        return implode(' ', array_map(static fn(BusSeat $seat): string => implode(
            '/',
            [$seat->bench->row, $seat->bench->side->value, $seat->place, $seat->system],
        ), $this->seats));
    }
}
