<?php

declare(strict_types=1);

namespace App\Catalogue;

use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\ListingKind;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A model's limits in a line for each way of riding: by weight and height, and whether a figure depends on something. */
final readonly class Glance
{
    /** @param list<array{mode: ModeName, limits: Listing}> $lines */
    private function __construct(public array $lines) {}

    public static function of(stdClass $rules): self
    {
        $modes = SectionReader::read(Seat::class, $rules)->modes ?? [];

        return new self(array_map(
            static fn(string $mode, Mode $said): array => ['mode' => ModeName::from($mode), 'limits' => self::limits($said)],
            array_keys($modes),
            array_values($modes),
        ));
    }

    private static function limits(Mode $mode): Listing
    {
        [$least, $most, $tall] = [self::first($mode->weightMin), self::last($mode->weightMax), self::last($mode->heightMax)];
        $depends = array_filter(
            [$mode->weightMin, $mode->weightMax, $mode->heightMax],
            static fn(?Limit $limit): bool => count($limit->entries ?? []) > 1,
        );
        $said = [
            match (true) {
                $least !== null && $most !== null => new Message('catalogue.glance.between', ['from' => $least, 'to' => $most]),
                $most !== null => new Message('catalogue.glance.most', ['to' => $most]),
                $least !== null => new Message('catalogue.glance.least', ['from' => $least]),
                default => null,
            },
            $tall === null ? null : new Message('catalogue.glance.tall', ['to' => $tall]),
            $depends === [] ? null : new Message('catalogue.glance.depends'),
        ];
        $said = array_values(array_filter($said));

        return Listing::of(ListingKind::Line, $said === [] ? [new Message('catalogue.glance.nothing')] : $said);
    }

    private static function first(?Limit $limit): ?Quantity
    {
        return self::extreme($limit, -1);
    }

    private static function last(?Limit $limit): ?Quantity
    {
        return self::extreme($limit, 1);
    }

    /** @param 1|-1 $sign of the comparison by which a figure goes before the one kept so far */
    private static function extreme(?Limit $limit, int $sign): ?Quantity
    {
        $kept = null;
        foreach ($limit->entries ?? [] as $entry) {
            $kept = $kept === null || $entry->value->compareTo($kept) === $sign ? $entry->value : $kept;
        }

        return $kept;
    }
}
