<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Chunks;
use App\Files\Csv;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestDatabase;

/** Tables as RFC 4180 has them, and nothing in them that a spreadsheet would run. */
final class CsvTest extends TestCase
{
    /** @return resource */
    private static function stream(string $text = '')
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }

    /** @return iterable<string, array{string, string}> field, and how it stands in the file */
    public static function fields(): iterable
    {
        yield 'a word' => ['noodle', 'noodle'];
        yield 'nothing' => ['', ''];
        yield 'a comma' => ['a,b', '"a,b"'];
        yield 'a quotation mark' => ['6" wide', '"6"" wide"'];
        yield 'two lines' => ["a\r\nb", "\"a\r\nb\""];
        yield 'a formula' => ['=1+1', "'=1+1"];
        yield 'a sign' => ['-5', "'-5"];
        yield 'a call' => ['@sum', "'@sum"];
        yield 'a formula that was defused before' => ["'=1+1", "''=1+1"];
        yield 'an apostrophe that means nothing' => ["'tis", "'tis"];
    }

    #[DataProvider('fields')]
    public function testAFieldGoesOutAndComesBack(string $field, string $written): void
    {
        $stream = self::stream();
        Csv::write($stream, ['x', $field]);
        rewind($stream);
        self::assertSame("x,{$written}\r\n", stream_get_contents($stream));
        rewind($stream);
        self::assertSame([1 => ['x', $field]], iterator_to_array(Csv::records($stream)));
    }

    /** Whatever characters stand in it, every table comes back as it went out, and no field of it begins like a formula. */
    public function testAnyTableComesBack(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $signs = ['=', '+', '-', '@', "\t", "\r", "\n", "'", '"', ',', ' ', 'a', 'ñ', '7'];
        for ($round = 0; $round < 300; $round++) {
            $rows = [];
            for ($row = 0; $row < 3; $row++) {
                for ($column = 0; $column < 3; $column++) {
                    $rows[$row][] = implode('', array_map(static fn(): string => $signs[$random->getInt(0, 13)], range(0, $random->getInt(0, 5))));
                }
            }
            $stream = self::stream();
            array_map(static fn(array $fields) => Csv::write($stream, $fields), $rows);
            rewind($stream);
            $raw = [];
            while (($fields = fgetcsv($stream, null, ',', '"', '')) !== false) {
                $raw = [...$raw, ...$fields];
            }
            self::assertSame([], preg_grep('/\A[=+\-@\t\r]/', array_map(strval(...), $raw)));
            rewind($stream);
            self::assertSame($rows, array_values(iterator_to_array(Csv::records($stream))));
        }
    }

    public function testARecordIsCountedByTheLineItBeginsOn(): void
    {
        self::assertSame([1, 2, 5, 6], array_keys(iterator_to_array(Csv::records(self::stream("a,b\n\"1\n2\n3\",x\n\ny,z\n")))));
    }

    public function testWhatIsNoTextIsTold(): void
    {
        self::assertTrue(Csv::isText(['ñandú', null, '']));
        self::assertFalse(Csv::isText(["a\0b"]));
        self::assertFalse(Csv::isText(["\xC3\x28"]));
    }

    public function testAFileComesInPiecesAndWhole(): void
    {
        $text = str_repeat('0123456789', 20_000);
        $chunks = iterator_to_array(Chunks::of(self::stream($text)), false);
        self::assertGreaterThan(1, count($chunks));
        self::assertSame($text, implode('', $chunks));
        self::assertSame([], iterator_to_array(Chunks::of(self::stream())));
    }

    /** PostgreSQL's own reader (COPY ... CSV) finds the same fields in what we write, and we in what it writes. */
    public function testPostgresReadsAndWritesTheSame(): void
    {
        $rows = [['Jago "the" miller', "two\r\nlines", 'a,b', ''], ['é ñ 儿', ' spaces ', "'tis", 'x'], ['', ';', "tab\there", '"']];
        $stream = self::stream();
        foreach ($rows as $row) {
            Csv::write($stream, $row);
        }
        rewind($stream);
        $path = sys_get_temp_dir() . '/mint-buckle-copy-' . getmypid() . '.csv';
        file_put_contents($path, $stream);
        chmod($path, 0o644);
        try {
            $read = TestDatabase::sql("create temporary table t (n serial, a text, b text, c text, d text); copy t (a, b, c, d) from '{$path}' (format csv, force_not_null (a, b, c, d)); select json_agg(json_build_array(a, b, c, d) order by n) from t");
            self::assertSame($rows, json_decode($read, true));
            $written = TestDatabase::sql("create temporary table t (n serial, a text, b text, c text, d text); copy t (a, b, c, d) from '{$path}' (format csv, force_not_null (a, b, c, d)); copy (select a, b, c, d from t order by n) to stdout (format csv, force_quote *)");
            self::assertSame($rows, array_values(iterator_to_array(Csv::records(self::stream($written)))));
        } finally {
            unlink($path);
        }
    }
}
