<?php

declare(strict_types=1);

namespace MintBuckle\Core\Kit;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Recall\Folded;

/** What a check took from the kit: whatever the set-up has as it leaves and had not when it was found. */
final readonly class KitUse
{
    /** @param array<string, int> $counts by item, above none */
    private function __construct(public array $counts, public bool $isSeatGiven) {}

    /** Whether the set-up as it leaves has anything of a kit in it, so that how it was found matters. */
    public static function mayBeIn(CaseFile $left): bool
    {
        $setup = $left->setup ?? new Setup();

        return self::hasClip($setup) || self::wedges($setup, Wedge::Noodle) + self::wedges($setup, Wedge::Towel) > 0;
    }

    public static function of(CaseFile $found, CaseFile $left): self
    {
        [$was, $is] = [$found->setup ?? new Setup(), $left->setup ?? new Setup()];
        $counts = [
            KitItem::Noodle->value => self::wedges($is, Wedge::Noodle) - self::wedges($was, Wedge::Noodle),
            KitItem::Towel->value => self::wedges($is, Wedge::Towel) - self::wedges($was, Wedge::Towel),
            KitItem::LockingClip->value => (int) self::hasClip($is) - (int) self::hasClip($was),
        ];

        return new self(array_filter($counts, static fn(int $count): bool => $count > 0), self::given($found->seat, $left->seat));
    }

    /** Of a set-up that says that there is one and not how many, one. */
    private static function wedges(Setup $setup, Wedge $kind): int
    {
        return $setup->wedge === $kind ? $setup->wedgeCount ?? 1 : 0;
    }

    private static function hasClip(Setup $setup): bool
    {
        return in_array(Lock::Clip, $setup->lock ?? [], true);
    }

    /** Another seat than was found, or one where there was none; a name that is only spelt otherwise is no other seat. */
    private static function given(?Seat $found, ?Seat $left): bool
    {
        return $left?->maker !== null && $left->model !== null
            && ($found === null || self::differs($found->maker, $left->maker) || self::differs($found->model, $left->model));
    }

    private static function differs(?string $one, string $other): bool
    {
        return $one === null || Folded::text($one) !== Folded::text($other);
    }
}
