<?php

declare(strict_types=1);

namespace App\Accounts;

use Carbon\CarbonImmutable;
use stdClass;

/** A check that somebody signed, as a line of their record. */
final readonly class SignedCheck
{
    private function __construct(
        public string $check,
        public CarbonImmutable $day,
        public string $event,
        public string $ticket,
        public string $seat,
        public string $kind,
        public string $place,
        public bool $isSecond,
    ) {}

    public static function ofRow(stdClass $row): self
    {
        $text = static fn(string $column): string => is_scalar($row->{$column} ?? null) ? (string) $row->{$column} : '';

        return new self(
            $text('check_id'),
            CarbonImmutable::parse($text('held_on')),
            $text('event'),
            trim($text('ticket') . ' ' . $text('letter')),
            trim($text('maker') . ' ' . $text('model')),
            $text('kind'),
            $text('place'),
            $text('key') === 'handover.checker',
        );
    }

    /** @return string the words' key of what they signed as */
    public function as(): string
    {
        return 'accounts.record.as.' . ($this->isSecond ? 'checker' : 'technician');
    }
}
