<?php

declare(strict_types=1);

namespace Tests\Core;

use Generator;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonList;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A long list in a file is read as PHP's own reader reads it whole (RFC 8259), however its bytes come; nothing broken gets through. */
final class JsonListTest extends TestCase
{
    /** @return Generator<int, string> */
    private static function chunks(string $text, int $bytes): Generator
    {
        foreach ($text === '' ? [] : str_split($text, max(1, $bytes)) as $chunk) {
            yield $chunk;
        }
    }

    /**
     * @return array{list<stdClass>, stdClass}
     * @throws InvalidCase also of what is wrong with an item
     */
    private static function read(string $text, int $bytes = 65536): array
    {
        $items = JsonList::read(self::chunks($text, $bytes), 'list');

        $read = [];
        foreach ($items as $item) {
            $read[] = $item instanceof InvalidCase ? throw $item : $item;
        }

        return [$read, $items->getReturn()];
    }

    /** @return iterable<string, array{string}> */
    public static function whole(): iterable
    {
        yield 'nothing' => ['{}'];
        yield 'an empty list' => ['{"list":[]}'];
        yield 'before and behind' => ['{"a": 1, "list": [{"x": 1}, {"x": 2}], "b": [1, {"c": "]}"}], "d": null}'];
        yield 'space everywhere' => ["\n { \"list\" \t:\r\n [ { \"a\" : [ ] } , { } ] , \"z\" : true } \n"];
        yield 'strings that look like structure' => ['{"list":[{"a":"\\"]},{\\\\"},{"b":"\\\\\\""}],"c":"{[\\u0022"}'];
        yield 'a byte order mark' => ["\u{FEFF}{\"list\":[{\"a\":\"\u{1F697}\"}]}"];
        yield 'nested deep' => ['{"list":[{"a":{"b":[[[{"c":[]}]]]}}]}'];
        yield 'a list of that name that is none' => ['{"list":"none"}'];
        yield 'numbers' => ['{"list":[{"a":-1.5e3,"b":0,"c":[1,2]}],"n":-7}'];
    }

    #[DataProvider('whole')]
    public function testItReadsWhatPhpReads(string $text): void
    {
        $expected = json_decode(ltrim($text, "\u{FEFF}"), false, 64, JSON_THROW_ON_ERROR);
        assert($expected instanceof stdClass);
        $list = is_array($expected->list ?? null) ? $expected->list : [];
        if ($list !== [] || is_array($expected->list ?? null)) {
            unset($expected->list);
        }
        foreach ([1, 2, 3, 5, 7, 64, 65536] as $bytes) {
            self::assertEquals([$list, $expected], self::read($text, $bytes), "in chunks of {$bytes}");
        }
    }

    /** @return iterable<string, array{string, string}> text, where it is said to be wrong */
    public static function broken(): iterable
    {
        yield 'empty' => ['', '(file)'];
        yield 'a list' => ['[]', '(file)'];
        yield 'no end' => ['{"list":[{"a":1}', '(file)'];
        yield 'cut in a string' => ['{"list":[{"a":"x', '(file)'];
        yield 'cut behind an escape' => ['{"list":[{"a":"x\\', '(file)'];
        yield 'something behind' => ['{"list":[]} x', '(file)'];
        yield 'twice' => ['{"list":[],"list":[]}', 'list'];
        yield 'another key twice' => ['{"a":1,"list":[],"a":2}', 'a'];
        yield 'a key twice in an item' => ['{"list":[{"a":1},{"b":{"c":1,"c":2}}]}', 'list.1.b.c'];
        yield 'an item that is none' => ['{"list":[{},3]}', 'list.1'];
        yield 'a broken item' => ['{"list":[{},{"a":}]}', 'list.1'];
        yield 'a comma too many' => ['{"list":[{},]}', '(file)'];
        yield 'a comma too few' => ['{"list":[{}{}]}', '(file)'];
        yield 'a key without quotes' => ['{list:[]}', '(file)'];
        yield 'no colon' => ['{"list" []}', '(file)'];
        yield 'no value' => ['{"a":,"list":[]}', '(file)'];
        yield 'no UTF-8' => ["{\"list\":[{\"a\":\"\xC3\x28\"}]}", 'list.0'];
        yield 'too deep' => ['{"list":[{"a":' . str_repeat('[', 40) . str_repeat(']', 40) . '}]}', 'list.0'];
        yield 'one item of more than 1 MiB' => ['{"list":[{"a":"' . str_repeat('x', 1_100_000) . '"}]}', '(file)'];
        yield 'many small ones in one item' => ['{"list":[{"a":[' . str_repeat('1,', 600_000) . '1]}]}', '(file)'];
        yield 'an archive' => ["PK\x03\x04" . str_repeat("\0\x13\x37", 500), '(file)'];
    }

    #[DataProvider('broken')]
    public function testWhatIsBrokenIsRefusedWhereItIs(string $text, string $where): void
    {
        foreach (strlen($text) > 10_000 ? [65536] : [1, 3, 65536] as $bytes) {
            try {
                self::read($text, $bytes);
                self::fail('taken');
            } catch (InvalidCase $e) {
                self::assertSame($where, $e->problems[0]->path, "in chunks of {$bytes}: {$e->getMessage()}");
            }
        }
    }

    /** Every file that is cut somewhere is refused, whatever stands before the cut. */
    public function testEveryCutIsRefused(): void
    {
        $text = '{"a":[1,{"b":"\\"}"}],"list":[{"x":"[,]","y":{"z":[]}},{"x":-1.5}],"c":true}';
        for ($bytes = 0; $bytes < strlen($text); $bytes++) {
            try {
                self::read(substr($text, 0, $bytes));
                self::fail("taken after {$bytes} bytes");
            } catch (InvalidCase $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function testAfterABrokenItemTheRestGoesOn(): void
    {
        $items = JsonList::read(self::chunks('{"list":[{"a":1},2,{"b":1,"b":2},{"c":3}]}', 4), 'list');
        $told = [];
        foreach ($items as $item) {
            $told[] = $item instanceof InvalidCase ? $item->getMessage() : json_encode($item);
        }
        self::assertSame(['{"a":1}', 'list.1: must be an object', 'list.2.b: is given more than once', '{"c":3}'], $told);
    }

    public function testMemoryHoldsOneItem(): void
    {
        $chunks = (static function (): Generator {
            yield '{"list":[';
            for ($n = 0; $n < 60_000; $n++) {
                yield ($n === 0 ? '' : ',') . '{"id":"A-' . $n . '","text":"' . str_repeat('x', 400) . '"}';
            }
            yield ']}';
        })();
        $before = memory_get_usage();
        $count = 0;
        foreach (JsonList::read($chunks, 'list') as $item) {
            $count++;
            self::assertLessThan(8_000_000, memory_get_usage() - $before);
        }
        self::assertSame(60_000, $count);
    }
}
