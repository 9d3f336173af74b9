<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Seating\YearPromise;
use MintBuckle\Present\Handbook\Help;
use MintBuckle\Present\Handbook\LimitTable;
use MintBuckle\Present\Handbook\RuleText;
use MintBuckle\Present\Handbook\Schools;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;
use Tests\Told;

/** Every question with its answers, and every row of the handbook pages, as they were last reviewed. */
final class WordsTest extends TestCase
{
    public function testEveryQuestion(): void
    {
        $cases = [
            'rear' => Cases::read(Cases::REAR),
            'forward' => Cases::read(Cases::FORWARD, ['seat.modes.forward_harness.parts_required' => ['rebound_bar'], 'seat.modes.forward_harness.handle_positions' => ['fully_back']]),
            'booster' => Cases::read(Cases::BOOSTER),
            'mode not known' => Cases::read(Cases::REAR, ['setup.mode' => null]),
            'a mode the seat has not' => Cases::read(Cases::REAR, ['setup.mode' => 'high_back_booster']),
            'no set-up' => Cases::read(Cases::REAR, ['setup' => null]),
            'no seat' => Cases::read(Cases::REAR, ['seat' => null, 'setup.harness' => null]),
            'no car' => Cases::read(Cases::REAR, ['vehicle' => null]),
            'a seat without slots and inserts' => Cases::read(Cases::REAR, ['seat.slots' => [], 'seat.inserts' => [], 'setup.harness' => null, 'seat.modes.rear_harness.crotch_slots' => null, 'seat.modes.forward_harness.crotch_slots' => []]),
            'zones' => Cases::read(Cases::REAR, ['seat.modes.rear_harness.zones' => [['name' => 'lower'], ['name' => 'upper']]]),
        ];
        $questions = [];
        foreach (Questionnaire::standard()->all as $asked) {
            $choices = array_map(static fn($case): array => array_map(Told::in('en')->show(...), $asked->choices($case)), $cases);
            $questions[$asked->path] = [
                'named' => Told::in('en')->tell(Questionnaire::named($asked->path)), 'station' => $asked->station->value, 'kind' => $asked->kind->name, 'short' => Told::english($asked->short()), 'question' => Told::english($asked->question()), 'hint' => Told::in('en')->tellIfAny($asked->hint()),
                'choices' => count(array_unique($choices, SORT_REGULAR)) === 1 ? $choices['rear'] : $choices,
            ];
        }
        GoldenFile::assertHolds('words/questions.json', $questions);
    }

    public function testEveryHandbookPage(): void
    {
        $codes = Rulebook::current()->codes();
        GoldenFile::assertHolds('words/handbook.json', [
            'rules' => array_combine(array_map(static fn(Code $code): string => $code->value, $codes), array_map(self::rule(...), $codes)),
            'practices' => self::table(LimitTable::practices()),
            'conventions' => self::table(LimitTable::conventions()),
            'schools' => array_map(Told::all(...), Schools::rows()),
            'a car of 2002' => array_map(static fn(YearPromise $p): array => ['expected' => $p->expected, 'words' => Told::english($p->told()), 'source' => Told::in('en')->tell($p->source->text())], YearPromise::of(2002)),
            'help' => array_map(static fn(Help $help): array => ['picture' => $help->picture, 'title' => Told::english($help->title), 'steps' => Told::all($help->steps)], [Help::gettingItTight(true), Help::gettingItTight(false), Help::gettingItTight(null), Help::lockingClip(), Help::lockingABelt(), Help::measuringMovement(), ...array_map(Help::tightness(...), TightnessTest::cases())]),
        ]);
    }

    /** @return array<string, string> */
    private static function rule(Code $code): array
    {
        $rule = RuleText::of($code);

        return ['code' => $code->value, 'title' => Told::english($rule->title), 'severity' => Told::english($rule->weighs), 'when' => Told::english($rule->when), 'mark' => Told::in('en')->show($rule->mark)];
    }

    /** @return array<string, mixed> */
    private static function table(LimitTable $table): array
    {
        $told = Told::in('en')->show(...);

        return ['columns' => array_map($told, $table->columns), 'rows' => array_map(static fn(array $row): array => [$told($row[0]), array_map($told, $row[1]), $told($row[2])], $table->rows)];
    }
}
