<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TruthTest extends TestCase
{
    /** @return iterable<string, array{Truth, Truth, Truth, Truth}> a, b, a and b, a or b */
    public static function table(): iterable
    {
        $yes = Truth::Yes;
        $no = Truth::No;
        $unknown = Truth::Unknown;

        yield 'yes yes' => [$yes, $yes, $yes, $yes];
        yield 'yes no' => [$yes, $no, $no, $yes];
        yield 'yes unknown' => [$yes, $unknown, $unknown, $yes];
        yield 'no yes' => [$no, $yes, $no, $yes];
        yield 'no no' => [$no, $no, $no, $no];
        yield 'no unknown' => [$no, $unknown, $no, $unknown];
        yield 'unknown yes' => [$unknown, $yes, $unknown, $yes];
        yield 'unknown no' => [$unknown, $no, $no, $unknown];
        yield 'unknown unknown' => [$unknown, $unknown, $unknown, $unknown];
    }

    #[DataProvider('table')]
    public function testAndOr(Truth $a, Truth $b, Truth $and, Truth $or): void
    {
        self::assertSame($and, $a->and($b));
        self::assertSame($or, $a->or($b));
        self::assertSame($a->not()->or($b->not()), $a->and($b)->not(), 'De Morgan');
    }

    public function testUnknownIsNeverFalse(): void
    {
        self::assertSame(Truth::Unknown, Truth::of(null));
        self::assertSame(Truth::Unknown, Truth::Unknown->not());
        self::assertNull(Truth::Unknown->toBool());
        self::assertTrue(Truth::of(true)->toBool());
        self::assertFalse(Truth::of(false)->toBool());
    }
}
