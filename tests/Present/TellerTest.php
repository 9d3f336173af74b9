<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\ChildsAge;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Words\Teller;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** What is told: in the reader's units, one unit a sentence, never a figure at a limit that it is not at; kept without words. */
final class TellerTest extends TestCase
{
    /** @return iterable<string, array{Quantity, Quantity, string, string, string}> measured, limit; as in the file, in inches and pounds, in metric units */
    public static function figures(): iterable
    {
        $mm = static fn(string $value): Length => Length::of($value, LengthUnit::Millimetre);
        $in = static fn(string $value): Length => Length::of($value, LengthUnit::Inch);

        yield 'millimetres against a limit' => [$mm('38.1'), $mm('25.4'), '38.1 mm, 25.4 mm', '1.5 in, 1 in', '38.1 mm, 25.4 mm'];
        yield 'a hair over: not told as if it held' => [$mm('25.5'), $mm('25.4'), '25.5 mm, 25.4 mm', 'just over 1 in, 1 in', '25.5 mm, 25.4 mm'];
        yield 'a hair under' => [$mm('25.3'), $mm('25.4'), '25.3 mm, 25.4 mm', 'just under 1 in, 1 in', '25.3 mm, 25.4 mm'];
        yield 'at the limit, which no inch tells exactly' => [$mm('100'), $mm('100'), '100 mm, 100 mm', '3.9 in, 3.9 in', '100 mm, 100 mm'];
        yield 'the limit in the other unit' => [$mm('38.1'), $in('1'), '38.1 mm, 25.4 mm', '1.5 in, 1 in', '38.1 mm, 25.4 mm'];
        yield 'what is tall' => [Length::of('139', LengthUnit::Centimetre), $in('57'), '139 cm, 144.8 cm', '54.7 in, 57 in', '139 cm, 144.8 cm'];
        yield 'a tall limit of something short' => [$mm('480'), $mm('520'), '480 mm, 520 mm', '18.9 in, 20.5 in', '480 mm, 520 mm'];
        yield 'kilograms' => [Mass::of('22.5', MassUnit::Kilogram), Mass::of('18', MassUnit::Kilogram), '22.5 kg, 18 kg', '49.6 lb, 39.7 lb', '22.5 kg, 18 kg'];
        yield 'degrees are everybody’s' => [Angle::of('50', AngleUnit::Degree), Angle::of('45', AngleUnit::Degree), '50°, 45°', '50°, 45°', '50°, 45°'];
        yield 'months' => [Months::of(1), Months::of(12), '1 month, 12 months', '1 month, 12 months', '1 month, 12 months'];
    }

    #[DataProvider('figures')]
    public function testOneUnitASentence(Quantity $measured, Quantity $limit, string $file, string $imperial, string $metric): void
    {
        $told = static fn(Teller $teller): string => preg_replace('/^weight | is more than/', '', str_replace(' is more than', ',', $teller->tell(new Message('breaches.limit', ['measured' => new Beside($measured, $limit), 'what' => 'weight', 'against' => 'more', 'limit' => $limit])))) ?? '';

        self::assertSame([$file, $imperial, $metric], [
            $told(Told::in('en')),
            $told(Told::in('en')->in(LengthUnit::Inch, MassUnit::Pound)),
            $told(Told::in('en')->in(LengthUnit::Millimetre, MassUnit::Kilogram)),
        ]);
    }

    #[TestWith(['en', '14 Mar 2030', 'Mar 2030', '2030'])]
    #[TestWith(['es', '14 de mar de 2030', 'mar de 2030', '2030'])]
    public function testDates(string $language, string $day, string $month, string $year): void
    {
        $teller = Told::in($language);
        self::assertSame([$day, $day, $month, $year], array_map($teller->date(...), [CalendarDate::of(2030, 3, 14), PartialDate::parse('2030-03-14'), PartialDate::parse('2030-03'), PartialDate::parse('2030')]));
    }

    #[TestWith([0, 'less than 1 month', 'menos de 1 mes'])]
    #[TestWith([1, '1 month', '1 mes'])]
    #[TestWith([23, '23 months', '23 meses'])]
    #[TestWith([24, '2 years', '2 años'])]
    #[TestWith([25, '2 years and 1 month', '2 años y 1 mes'])]
    #[TestWith([158, '13 years and 2 months', '13 años y 2 meses'])]
    public function testAges(int $months, string $english, string $spanish): void
    {
        self::assertSame([$english, $spanish], [Told::in('en')->show(new ChildsAge(Months::of($months))), Told::in('es')->show(new ChildsAge(Months::of($months)))]);
    }

    public function testLists(): void
    {
        $teller = Told::in('es');
        self::assertSame(['', '1', '1 y 2', '1, 2 y 3', '1 o 2', '1, 2', '1; 2'], [
            $teller->show(Listing::all([])), $teller->show(Listing::all([1])), $teller->show(Listing::all([1, 2])), $teller->show(Listing::all([1, 2, 3])),
            $teller->show(Listing::any([1, 2])), $teller->show(Listing::names([1, 2])), $teller->show(Listing::clauses([1, 2])),
        ]);
    }

    public function testWhatALanguageLacksIsToldInEnglish(): void
    {
        self::assertSame('findings.no.such', Told::in('es')->tell(new Message('findings.no.such')));
        self::assertNull(Told::in('es')->tellIfAny(new Message('facts.child.weight.hint')));
        self::assertSame('Sí', Told::in('es')->tell(new Message('facts.child.weight.answers.yes', otherwise: 'answers.yes')));
    }

    /** What was signed is kept as keys and parameters, and told in any language later. */
    public function testKeptWithoutWords(): void
    {
        $message = new Message('seating.advised', [
            'who' => 'A', 'at' => new Message('places.2L', within: true), 'number' => 3, 'so' => true, 'nothing' => null,
            'says' => new Message('breaches.limit', ['measured' => new Beside(Mass::of('41.5', MassUnit::Pound), Mass::of(40, MassUnit::Pound)), 'what' => 'weight', 'against' => 'more', 'limit' => Mass::of(40, MassUnit::Pound)]),
            'do' => Listing::any([Length::of('25.40', LengthUnit::Millimetre), 'b', 2, new Message('answers.yes', otherwise: 'answers.no')]),
            'day' => CalendarDate::of(2030, 3, 14), 'month' => PartialDate::parse('2030-03'), 'age' => new ChildsAge(Months::of(25)), 'months' => Months::of(7), 'angle' => Angle::of('38.5', AngleUnit::Degree),
        ]);
        $kept = json_decode(json_encode(Keeping::toJson($message), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        $read = Keeping::fromJson($kept);

        self::assertEquals($message, $read);
        self::assertInstanceOf(Message::class, $read);
        self::assertSame('A en segunda fila izquierda: el peso de 41.5 lb es mayor que 40 lb 25.4 mm, b, 2 o Sí', Told::in('es')->tell($read));
        self::assertNull(Keeping::fromJson(['no' => 'such thing']));
    }
}
