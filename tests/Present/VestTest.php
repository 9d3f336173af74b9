<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Bus\VestStep;
use MintBuckle\Present\Drawing\VestView;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** A vest put on one step at a time: the order of the trade, and the drawing that goes with it. */
final class VestTest extends TestCase
{
    /** Common practice of the trade: put on before boarding, hips before shoulders, the coat over it. */
    public function testTheOrder(): void
    {
        $order = static fn(VestStep ...$steps): array => array_map(static fn(VestStep $step): int => $step->number(), $steps);
        $before = array_filter(VestStep::cases(), static fn(VestStep $step): bool => ! $step->isAboard());
        self::assertSame([1, 2, 3, 4, 5], $order(...array_values($before)), 'what is done on the ground comes first');
        foreach ([[VestStep::TellApart, VestStep::Closure], [VestStep::CoatOff, VestStep::Closure], [VestStep::Crotch, VestStep::CoatOver], [VestStep::Hips, VestStep::Shoulders], [VestStep::Shoulders, VestStep::Ends]] as $pair) {
            self::assertLessThan($pair[1]->number(), $pair[0]->number());
        }
    }

    public function testOneStepAtATime(): void
    {
        for ([$step, $walked] = [VestStep::numbered(1), []]; $step !== null; $step = $step->after()) {
            $walked[] = $step;
            self::assertSame($step, VestStep::numbered($step->number()));
            self::assertSame($step->after(), $step->after()?->before()?->after());
        }
        self::assertSame(VestStep::cases(), $walked);
        self::assertSame([VestStep::TellApart, VestStep::Ends, null], [VestStep::numbered(-3), VestStep::numbered(99), VestStep::TellApart->before()]);
    }

    public function testTheDrawingFollows(): void
    {
        $states = static fn(VestStep $step): array => array_map(static fn(array $part): string => $part['state'], VestView::at($step)->parts);
        self::assertSame(['closure' => 'now', 'coat' => 'good', 'crotch' => 'unknown', 'hips' => 'unknown', 'lowest' => 'unknown', 'neck' => 'unknown', 'shoulders' => 'unknown', 'size' => 'good'], $states(VestStep::Closure));
        self::assertSame(['now', 'now', 'unknown'], [$states(VestStep::Hips)['hips'], $states(VestStep::Hips)['lowest'], $states(VestStep::Hips)['shoulders']]);
        self::assertSame(['good'], array_values(array_unique($states(VestStep::Ends))));
        self::assertSame([false, true], [VestView::at(VestStep::Crotch)->coat, VestView::at(VestStep::CoatOver)->coat]);
        self::assertStringStartsWith('Thread all four loose ends', Told::english(VestView::at(VestStep::Ends)->text));
    }
}
