<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Card\StepCode;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Seating\Arrangement;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Handbook\RuleText;
use MintBuckle\Present\Words\Teller;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\CardTest;
use Tests\Core\Cases;
use Tests\Core\Family;
use Tests\Told;

/**
 * What the other languages say of every finding, card step, verdict, question and rule, as it was last reviewed; and that no sentence, in
 * any language or reader's units, tells one dimension in two units.
 */
final class LanguagesTest extends TestCase
{
    /** Each dimension's units, as the languages write them. */
    private const UNITS = ['length' => ['mm', 'cm', 'in', 'pulg'], 'mass' => ['kg', 'lb', 'g', 'oz']];

    /** Figures that the trade says in both: the height at which a belt fits. */
    private const SAID_TWICE = '~145 cm \(|57 in~';

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        foreach (array_diff(array_keys(Told::locales()), ['en']) as $language) {
            yield $language => [$language];
        }
    }

    #[DataProvider('others')]
    public function testAsReviewed(string $language): void
    {
        $teller = Told::in($language);
        $findings = $steps = [];
        foreach (self::cases() as [$case, $changes]) {
            $assessment = Cases::assess($case, $changes);
            foreach ($assessment->findings as $finding) {
                $findings[$finding->code->value][$teller->message($finding)] = $teller->remedy($finding);
            }
            foreach ($assessment->computed()->card ?? [] as $step) {
                $steps[$step->code->value][$teller->sentence($step->step())] = $teller->check($step);
            }
        }
        foreach (range(1, 80) as $seed) {
            $wide = Arrangement::of(SeatingReader::read(json_encode(Family::of($seed), JSON_THROW_ON_ERROR), CalendarDate::of(2026, 10, 10)))->tooWide;
            $findings += $wide === null ? [] : [$wide->code->value => [$teller->message($wide) => $teller->remedy($wide)]];
        }
        ksort($findings);
        ksort($steps);

        self::assertSame([], array_values(array_diff(array_map(static fn(Code $c): string => $c->value, Rulebook::current()->codes()), array_keys($findings))));
        self::assertSame([], array_values(array_diff(array_column(StepCode::cases(), 'value'), array_keys($steps))));
        GoldenFile::assertHolds("words/{$language}.json", [
            'verdicts' => array_map(static fn(Verdict $v): string => $teller->tell($v->title()), Verdict::cases()),
            'findings' => $findings,
            'steps' => $steps,
            'questions' => array_map(static fn(Askable $asked): array => [$teller->tell($asked->short()), $teller->tell($asked->question()), $teller->tellIfAny($asked->hint())], array_merge(...array_map(Questionnaire::standard()->at(...), Station::cases()))),
            'rules' => array_map(static function (Code $code) use ($teller): array {
                $rule = RuleText::of($code);

                return [$code->value, $teller->sentence($rule->title), $teller->sentence($rule->when), $teller->sentence($rule->weighs)];
            }, Rulebook::current()->codes()),
        ]);
    }

    /** @return iterable<string, array{Teller}> */
    public static function readers(): iterable
    {
        foreach (array_keys(Told::locales()) as $language) {
            yield "{$language}, as in the file" => [Told::in($language)];
            yield "{$language}, in inches and pounds" => [Told::in($language)->in(LengthUnit::Inch, MassUnit::Pound)];
            yield "{$language}, metric" => [Told::in($language)->in(LengthUnit::Millimetre, MassUnit::Kilogram)];
        }
    }

    #[DataProvider('readers')]
    public function testNoSentenceMixesUnits(Teller $teller): void
    {
        $mixed = [];
        foreach (self::cases() as $name => [$case, $changes]) {
            $assessment = Cases::assess($case, $changes);
            foreach ($assessment->findings as $finding) {
                $mixed = [...$mixed, ...self::mixed($teller->message($finding)), ...self::mixed($teller->remedy($finding))];
            }
            foreach ($assessment->computed()->card ?? [] as $step) {
                $mixed = [...$mixed, ...self::mixed($teller->sentence($step->step())), ...self::mixed($teller->check($step))];
            }
        }
        self::assertSame([], array_values(array_unique($mixed)));
    }

    /** @return list<string> the sentences of a text that tell one dimension in two units */
    private static function mixed(string $text): array
    {
        return array_values(array_filter(preg_split('/(?<=[.;]) /', $text) ?: [], static function (string $sentence): bool {
            foreach (self::UNITS as $units) {
                preg_match_all('/\d (' . implode('|', $units) . ')\b/', $sentence, $found);
                if (count(array_unique($found[1])) > 1 && preg_match(self::SAID_TWICE, $sentence) !== 1) {
                    return true;
                }
            }

            return false;
        }));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    private static function cases(): iterable
    {
        foreach (FindingsTest::stations() as $station => [, $cases]) {
            foreach ($cases as $name => [$case, $changes]) {
                yield "{$station}: {$name}" => [$case, $changes];
            }
        }
        foreach (CardTest::shown() as $name => [$case, $changes]) {
            yield "card: {$name}" => [$case, $changes];
        }
    }
}
