<?php

declare(strict_types=1);

namespace App\Checks;

use App\Words\Telling;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** A date that can be meant in more than one way; whoever wrote it says which. */
final class AmbiguousDate extends UnreadableAnswer
{
    /** @param non-empty-list<PartialDate> $readings */
    private function __construct(string $message, public readonly array $readings)
    {
        parent::__construct($message);
    }

    /** @param non-empty-list<PartialDate> $readings */
    public static function between(array $readings): self
    {
        return new self(
            Telling::now()->tell(new Message('refused.which_date', ['dates' => Listing::any(array_map(
                static fn(PartialDate $date): Message => new Message('refused.as_date', ['date' => $date, 'written' => (string) $date]),
                $readings,
            ))])),
            $readings,
        );
    }
}
