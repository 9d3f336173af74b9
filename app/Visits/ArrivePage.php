<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\FieldName;
use App\Units;
use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Telling\Message;
use Symfony\Component\Uid\UuidV7;

/** What the arrival screen offers, and how many children it has room for. */
final readonly class ArrivePage
{
    private const PLACES = ['1L', '1C', '1R', '2L', '2C', '2R', '3L', '3C', '3R'];

    /**
     * @param non-empty-list<Choices> $seats what is offered to each child
     * @param array<string, Message> $modes
     * @param array<string, Message> $places
     * @param array<string, string> $languages each language's own name for itself
     */
    private function __construct(
        public array $seats,
        public CarChoices $cars,
        public array $modes,
        public array $places,
        public int $children,
        public string $submission,
        public Units $units,
        public array $languages,
    ) {}

    /**
     * @param non-empty-list<Choices> $seats what is offered to each child
     * @param array<array-key, mixed> $old what was typed before
     * @param array<string, string> $languages
     */
    public static function of(array $seats, CarChoices $cars, array $old, Units $units, array $languages): self
    {
        return new self(
            $seats,
            $cars,
            array_combine(
                array_column(ModeName::cases(), 'value'),
                array_map(static fn(ModeName $m): Message => $m->title(), ModeName::cases()),
            ),
            array_combine(self::PLACES, array_map(Answers::placeTitle(...), self::PLACES)),
            count($seats),
            is_string($old['submission'] ?? null) ? $old['submission'] : UuidV7::generate(),
            // What was typed keeps the units it was typed in, even if another tab has changed them since.
            Units::tryFrom(is_string($old['units'] ?? null) ? $old['units'] : '') ?? $units,
            $languages,
        );
    }

    /** What the child's check is called on the ticket. */
    public static function letter(int $child): string
    {
        return chr(ord('A') + $child);
    }

    public function familyField(string $name): FieldName
    {
        return new FieldName($name);
    }

    public function field(int $child, string $name): FieldName
    {
        return new FieldName("children[{$child}][{$name}]");
    }
}
