<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

use BackedEnum;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Quantity;

/**
 * Something to be told, without its words: a key of the language files and what its sentence speaks of. An enum's case chooses among
 * wordings; a text is a name as somebody entered it.
 *
 * @phpstan-type Told Quantity|CalendarDate|PartialDate|Message|Beside|Listing|ChildsAge|BackedEnum|string|int|bool|null
 */
final readonly class Message
{
    /**
     * @param array<string, Told> $with by name; the first quantity of a dimension is the measured one, whose unit the others follow
     * @param bool $within a name that stands inside a sentence
     * @param string|null $otherwise the key that tells it where no language has the first
     */
    public function __construct(
        public string $key,
        public array $with = [],
        public bool $within = false,
        public ?string $otherwise = null,
    ) {}
}
