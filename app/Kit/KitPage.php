<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\Check;
use App\Models\CheckupEvent;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Kit\KitItem;

/** The kit of an event: what is left of each thing, what should be there, and which seats went home with whom. */
final readonly class KitPage
{
    /**
     * @param list<KitLine> $lines of every thing there is
     * @param Collection<int, Check> $given checks in which a seat of the kit left
     */
    private function __construct(public CheckupEvent $event, public array $lines, public Collection $given) {}

    /** @param Collection<int, Check> $given */
    public static function of(CheckupEvent $event, Collection $given): self
    {
        return new self($event, array_map(KitStock::of($event)->line(...), KitItem::cases()), $given);
    }
}
