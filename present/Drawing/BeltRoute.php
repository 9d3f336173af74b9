<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/**
 * What holds the seat, from the front of the car: the belt from its retractor and its outer end through the path to the latch plate,
 * the points where its length can be fixed, or the anchor strap to the bars in the crease. Pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class BeltRoute
{
    public const WIDTH = 640;

    public const HEIGHT = 396;

    /** Where things are: x, y. */
    public const RETRACTOR = [564, 78];

    public const OUTER_END = [564, 344];

    public const LATCH_PLATE = [78, 306];

    public const BARS = [[196, 350], [444, 350]];

    /** Height of each path's opening; they run from the left edge of the shell to its right. */
    public const PATHS = ['rear' => 282, 'forward' => 190];

    public const SHELL = [206, 434];

    public const SHELL_WIDTH = 228;

    public const SHELL_HALF = 114;

    /** Lap and shoulder part lie beside each other in the path. */
    private const APART = 8;

    /**
     * @param bool $rear which way the seat faces
     * @param string|null $path the path the webbing goes through: rear, forward; null while unknown
     * @param bool|null $rightPath null while unknown
     * @param list<list<array{int, int}>> $belt shoulder part and lap part; empty where no belt holds
     * @param list<list<array{int, int}>> $straps from the path to each bar; empty where no anchors hold
     * @param list<array{lock: string, x: int, y: int, claimed: bool, holds: Truth}> $locks
     * @param bool|null $fixed whether anything claimed fixes the length; null while unknown or where no belt holds
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public bool $rear,
        public ?string $path,
        public ?bool $rightPath,
        public array $belt,
        public array $straps,
        public array $locks,
        public ?bool $fixed,
        public bool $twisted,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s): self
    {
        $setup = $s->setup();
        $right = $s->isRear() ? 'rear' : 'forward';
        $path = $setup->beltPath?->value;
        $y = self::PATHS[$path ?? $right];
        $belt = $s->beltHolds() && $s->isHarness();
        $locks = self::locks($s, $y);
        $claims = array_filter($locks, static fn(array $l): bool => $l['claimed']);
        $fixed = ! $belt || $setup->lock === null
            ? null
            : Truth::any(...array_column($claims, 'holds'))->toBool();

        return new self(
            $s->isRear(),
            $path,
            $path === null ? null : $path === $right,
            $belt ? self::belt($y) : [],
            $s->anchorsHold() && $s->isHarness() ? [[[self::SHELL[0], $y], self::BARS[0]], [[self::SHELL[1], $y], self::BARS[1]]] : [],
            $belt ? $locks : [],
            $fixed,
            $setup->twisted === true,
            self::text($s, $path === $right, $fixed),
        );
    }

    /** @return list<list<array{int, int}>> */
    private static function belt(int $y): array
    {
        [$left, $right] = self::SHELL;

        return [
            [self::RETRACTOR, [$right, $y - self::APART], [$left, $y - self::APART], self::LATCH_PLATE],
            [self::OUTER_END, [$right, $y + self::APART], [$left, $y + self::APART], self::LATCH_PLATE],
        ];
    }

    /** @return list<array{lock: string, x: int, y: int, claimed: bool, holds: Truth}> */
    private static function locks(AssessmentContext $s, int $y): array
    {
        $locks = [];
        foreach (Lock::cases() as $lock) {
            [$atX, $atY] = match ($lock) {
                Lock::Retractor => self::RETRACTOR,
                Lock::LatchPlate => self::LATCH_PLATE,
                Lock::Lockoff => [self::SHELL[1] - 26, $y],
                Lock::ClampDoor => [intdiv(self::SHELL[0] + self::SHELL[1], 2), $y],
                Lock::Clip => [intdiv(self::SHELL[0] + self::LATCH_PLATE[0], 2), intdiv($y + self::LATCH_PLATE[1], 2)],
            };
            $locks[] = [
                'lock' => $lock->value,
                'x' => $atX,
                'y' => $atY,
                'claimed' => in_array($lock, $s->setup()->lock ?? [], true),
                'holds' => LockFinder::of($s)->holds($lock)[0],
            ];
        }

        return $locks;
    }

    /** @return list<Message> */
    private static function text(AssessmentContext $s, bool $right, ?bool $fixed): array
    {
        $setup = $s->setup();
        if (! $s->isHarness()) {
            return [new Message($s->isBooster() ? 'drawings.route.booster' : 'drawings.route.none')];
        }

        return [
            new Message('drawings.route.held', ['held' => $setup->heldBy ?? 'unknown']),
            new Message('drawings.route.path', ['path' => $setup->beltPath ?? 'unknown', 'right' => $right]),
            ...($s->beltHolds() ? [new Message('drawings.route.fixed', [
                'fixed' => $fixed ?? 'unknown',
                'locks' => Listing::names(array_map(
                    static fn(Lock $lock): Message => new Message("locking.within.{$lock->value}"),
                    $setup->lock ?? [],
                )),
            ])] : []),
            ...($setup->twisted === true ? [new Message('drawings.route.twisted')] : []),
        ];
    }
}
