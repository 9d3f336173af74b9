<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;

final class CombinedWeightTest extends TestCase
{
    /** @return iterable<string, array{string, int|float, int|float}> */
    public static function examples(): iterable
    {
        /** @var list<array{string, int|float, int|float}> $rows */
        $rows = require __DIR__ . '/data/combined-weight.php';
        foreach ($rows as $row) {
            yield "49 CFR 571.213 S5.5.2(l): {$row[0]}, seat of {$row[1]} lb" => $row;
        }
    }

    #[DataProvider('examples')]
    public function testChildUpTo(string $mode, int|float $seat, int|float $child): void
    {
        $case = Cases::read(Cases::REAR, ['seat.lower_anchor_child_max' => null, 'seat.weight' => Cases::q($seat, 'lb')]);
        $limit = AnchorLimit::of(new AssessmentContext($case), ModeName::from($mode));

        self::assertSame([], $limit->missing);
        $bound = $limit->bound() ?? self::fail('no figure');
        self::assertTrue($bound->value->equals(Mass::of((string) $child, MassUnit::Pound)), $bound->value->show(MassUnit::Pound));
        self::assertSame('practice:us', $bound->from);
    }
}
