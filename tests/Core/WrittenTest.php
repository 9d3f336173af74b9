<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Written\WrittenDate;
use MintBuckle\Core\Written\WrittenMeasure;
use MintBuckle\Present\Words\WrittenWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Dates as labels print them and measurements as people say them, in every language at once. */
final class WrittenTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> as written, what it can mean */
    public static function dates(): iterable
    {
        yield 'a year' => ['2021', ['2021']];
        yield 'a month before its year' => ['03/2021', ['2021-03']];
        yield 'of one digit' => ['3/2021', ['2021-03']];
        yield 'a year before its month' => ['2021-03', ['2021-03']];
        yield 'with points' => ['2021.03.14', ['2021-03-14']];
        yield 'the international way' => ['2021-03-14', ['2021-03-14']];
        yield 'with strokes' => ['2021/3/14', ['2021-03-14']];
        yield 'a name' => ['MAR 2021', ['2021-03']];
        yield 'a name with a point' => ['mar. 2021', ['2021-03']];
        yield 'a whole name' => ['March 2021', ['2021-03']];
        yield 'a name between' => ['14 MAR 2021', ['2021-03-14']];
        yield 'a name first' => ['Mar 14, 2021', ['2021-03-14']];
        yield 'a name last' => ['2021 MAR 14', ['2021-03-14']];
        yield 'run together' => ['14MAR21', ['2021-03-14']];
        yield 'with hyphens' => ['MAR-21', ['2021-03']];
        yield 'Spanish' => ['14 de marzo de 2021', ['2021-03-14']];
        yield 'Spanish, short' => ['ENE 2022', ['2022-01']];
        yield 'English to a Spanish reader' => ['AUG 2022', ['2022-08']];
        yield 'day first, since there is no fourteenth month' => ['14.3.21', ['2021-03-14']];
        yield 'month first, since there is no fourteenth month' => ['3/14/2021', ['2021-03-14']];
        yield 'day and month could be swapped' => ['3/4/2021', ['2021-04-03', '2021-03-04']];
        yield 'swapped they are the same' => ['4/4/2021', ['2021-04-04']];
        yield 'two digits three times' => ['03.04.21', ['2021-04-03', '2021-03-04']];
        yield 'a year of two digits may stand first, with hyphens' => ['21-03-14', ['2014-03-21', '2021-03-14']];
        yield 'month and year of two digits' => ['03/21', ['2021-03']];
        yield 'year and month of two digits' => ['21/03', ['2021-03']];
        yield 'which is the year?' => ['03/04', ['2004-03', '2003-04']];
        yield 'eight digits' => ['20210314', ['2021-03-14']];
        yield 'six digits' => ['202103', ['2021-03']];
        yield 'six digits, the year last' => ['032021', ['2021-03']];
        yield 'with blanks around' => ['  2021-03 ', ['2021-03']];
        yield 'a leap day' => ['29 FEB 2024', ['2024-02-29']];
        yield 'no leap day' => ['29 FEB 2023', []];
        yield 'no such month' => ['13/2021', []];
        yield 'no such day' => ['2021-03-32', []];
        yield 'no such name' => ['Marx 2021', []];
        yield 'two names' => ['MAR APR 2021', []];
        yield 'a name alone' => ['March', []];
        yield 'three digits' => ['2021-003', []];
        yield 'a year of three digits' => ['MAR 021', []];
        yield 'too many' => ['1 2 3 2021', []];
        yield 'five digits' => ['20213', []];
        yield 'something else' => ['03+2021', []];
        yield 'nothing' => ['', []];
    }

    /** @param list<string> $meant */
    #[DataProvider('dates')]
    public function testDates(string $written, array $meant): void
    {
        self::assertSame($meant, array_map(static fn(PartialDate $d): string => (string) $d, WrittenDate::readings($written, self::words()->months)));
    }

    /** @return iterable<string, array{string, int|float|null, string|null}> as written, the number, the unit said with it */
    public static function measures(): iterable
    {
        yield 'a number' => ['12.5', 12.5, null];
        yield 'a fraction' => ['1 1/2', 1.5, null];
        yield 'pounds and ounces' => ['22 lb 4 oz', 22.25, 'lb'];
        yield 'ounces unsaid' => ['22 lb 4', 22.25, 'lb'];
        yield 'pounds, ounces, with a comma' => ['22 lbs, 4 ounces', 22.25, 'lb'];
        yield 'feet and inches' => ['2 ft 11', 35, 'in'];
        yield 'with signs' => ['2\'11"', 35, 'in'];
        yield 'with printer’s signs' => ['2′ 11″', 35, 'in'];
        yield 'and a half' => ['2 ft 11 1/2 in', 35.5, 'in'];
        yield 'feet alone' => ['3 feet', 36, 'in'];
        yield 'inches' => ['35 in', 35, 'in'];
        yield 'inches by sign' => ['35"', 35, 'in'];
        yield 'half an inch' => ['½ in', 0.5, 'in'];
        yield 'centimetres' => ['89 cm', 89, 'cm'];
        yield 'run together' => ['89cm', 89, 'cm'];
        yield 'a comma' => ['9,5 kg', 9.5, 'kg'];
        yield 'metres' => ['1.05 m', 105, 'cm'];
        yield 'metres and centimetres' => ['1 m 5', 105, 'cm'];
        yield 'kilograms and grams' => ['9 kg 350 g', 9.35, 'kg'];
        yield 'Spanish' => ['22 libras y 4 onzas', 22.25, 'lb'];
        yield 'Spanish lengths' => ['2 pies 11 pulgadas', 35, 'in'];
        yield 'degrees' => ['38.5°', 38.5, null];
        yield 'sixteen ounces are a pound' => ['22 lb 16 oz', null, null];
        yield 'twelve inches are a foot' => ['2 ft 12', null, null];
        yield 'a large unit after a small one' => ['4 oz 22 lb', null, null];
        yield 'weight and length' => ['22 lb 4 in', null, null];
        yield 'a unit nobody knows' => ['3 ells', null, null];
        yield 'two numbers' => ['12 13', null, null];
        yield 'words' => ['a lot', null, null];
        yield 'nothing' => ['', null, null];
    }

    #[DataProvider('measures')]
    public function testMeasures(string $written, int|float|null $value, ?string $unit): void
    {
        $read = WrittenMeasure::read($written, self::words()->units);
        self::assertSame([$value, $unit], [$read?->value, $read?->unit]);
    }

    private static function words(): WrittenWords
    {
        return WrittenWords::of(array_map(Told::lexicon(...), array_keys(Told::locales())));
    }
}
