<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Catalogue\SeatInstead;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/** Card, changeover and forecasts on a seat of every kind that the demo has, in each of its modes. */
final class EverySeatTest extends TestCase
{
    /** A child that each mode is made for: months, lb, in, shoulder in mm. */
    private const CHILDREN = ['rear_harness' => [8, 18, 27, 235], 'forward_harness' => [40, 36, 40, 330], 'high_back_booster' => [78, 50, 47, 420], 'backless_booster' => [100, 62, 52, 450]];

    /** @return iterable<string, array{stdClass, string}> */
    public static function seats(): iterable
    {
        /** @var list<object{kind: string, model: string, rules: stdClass}> $models */
        $models = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/seat-models.json'), false, 64, JSON_THROW_ON_ERROR);
        foreach ($models as $model) {
            foreach (array_keys((array) $model->rules->modes) as $mode) {
                yield "{$model->kind} {$model->model} as {$mode}" => [$model->rules, (string) $mode];
            }
        }
    }

    #[DataProvider('seats')]
    public function testCardAndForecast(stdClass $rules, string $mode): void
    {
        $answer = AssessmentWriter::toArray(self::assess($rules, $mode), Told::in('en'))['computed'];
        self::assertIsArray($answer);
        self::assertIsArray($answer['card']);
        self::assertGreaterThanOrEqual(6, count($answer['card']));
        $steps = array_column($answer['card'], 'step');
        self::assertCount(count($steps), array_unique(array_map(json_encode(...), $steps)), 'no step twice');
        $codes = array_column($answer['card'], 'code');
        $prove = array_search('prove', $codes, true);
        if ($prove !== false) {
            self::assertLessThan($prove, array_search('buckle', $codes, true), 'buckled before locked');
        }
        foreach ($answer['card'] as $step) {
            self::assertIsArray($step);
            self::assertMatchesRegularExpression('/^[A-Z].*[.]$/', is_string($step['step']) ? $step['step'] : '');
            self::assertMatchesRegularExpression('/^[A-Z].*[.]$/', is_string($step['check']) ? $step['check'] : '');
        }
    }

    #[DataProvider('seats')]
    public function testChangeoverNamesAnotherModeOfTheSeat(stdClass $rules, string $mode): void
    {
        $changeover = self::assess($rules, $mode)->computed()->changeover;
        if ($changeover === null) {
            self::assertSame($mode, array_key_last((array) $rules->modes), 'only the last mode has nothing after it');

            return;
        }
        self::assertNotNull(CasePath::get($rules, 'modes.' . $changeover->to->value));
        self::assertNotSame($mode, $changeover->to->value);
        self::assertSame($changeover->to->hasHarness() ? 'Tighten it afresh and try the movement at the belt path.' : 'Buckle the child in and look at lap and shoulder part afresh.', Told::english($changeover->steps[count($changeover->steps) - 1]));
    }

    #[DataProvider('seats')]
    public function testTheModeFitsTheChildItIsMadeFor(stdClass $rules, string $mode): void
    {
        $assessment = self::assess($rules, $mode);
        self::assertNotContains('mode.outside_limits', array_map(static fn($f): string => $f->code->value, $assessment->findings));
        self::assertNotNull($assessment->computed()->bestMode);
        self::assertArrayHasKey($mode, $assessment->computed()->outgrown);
    }

    #[DataProvider('seats')]
    public function testTakingOutEndsWithAFreeBelt(stdClass $rules, string $mode): void
    {
        $steps = Told::all(TakingOut::of(new AssessmentContext(Reader::fromObject(self::case($rules, $mode)))));
        $unbuckle = array_search('Unbuckle the belt.', $steps, true);
        self::assertSame(str_ends_with($mode, 'booster'), $unbuckle === false);
        self::assertStringContainsString(str_ends_with($mode, 'booster') ? 'let the belt wind in' : 'let it wind in all the way', $steps[count($steps) - 1]);
    }

    /** For each child the seats that have a mode for it, longest first; never one that it has outgrown or is too small for. */
    public function testWhichSeatInstead(): void
    {
        $seats = [];
        foreach (self::seats() as [$rules, $mode]) {
            $seat = Reader::fromObject(self::case($rules, $mode))->seat ?? self::fail('no seat');
            $seats[(string) $seat->model] = $seat;
        }
        $offered = ['rear_harness' => [], 'forward_harness' => [], 'high_back_booster' => [], 'backless_booster' => []];
        foreach (self::CHILDREN as $mode => [$months, $pounds, $inches, $shoulder]) {
            $case = Cases::read(Cases::REAR, ['setup' => null, 'child.born_on' => null, 'child.age_months' => $months, 'child.weight' => Cases::q($pounds, 'lb'), 'child.height' => Cases::q($inches, 'in'), 'child.shoulder_height' => Cases::q($shoulder, 'mm')]);
            $found = SeatInstead::among($case, array_values($seats));
            $offered[$mode] = array_map(static fn(SeatInstead $s): string => "{$s->seat->model} {$s->mode->value}", $found);
            $until = array_map(static fn(SeatInstead $s): string => $s->until ?? '9999-99', $found);
            $sorted = $until;
            rsort($sorted);
            self::assertSame($sorted, $until, 'longest first');
        }
        self::assertContains('OM-90 rear_harness', $offered['rear_harness']);
        self::assertContains('OM-220 rear_harness', $offered['rear_harness']);
        self::assertContains('BH-3 forward_harness', $offered['forward_harness']);
        self::assertContains('Q-15 high_back_booster', $offered['high_back_booster']);
        self::assertNotContains('Q-15 high_back_booster', $offered['forward_harness'], 'too young and light for a booster');
        self::assertSame([], array_filter($offered['backless_booster'], static fn(string $s): bool => str_contains($s, 'harness')), 'every harness is outgrown');
    }

    private static function assess(stdClass $rules, string $mode): Assessment
    {
        return Assessor::assess(Reader::fromObject(self::case($rules, $mode)), Rulebook::current());
    }

    private static function case(stdClass $rules, string $mode): stdClass
    {
        [$months, $pounds, $inches, $shoulder] = self::CHILDREN[$mode];
        return Cases::json(Cases::REAR, [
            'seat' => $rules, 'seat.made_on' => '2024-05-01', 'child.born_on' => null, 'child.age_months' => $months, 'child.weight' => Cases::q($pounds, 'lb'),
            'child.height' => Cases::q($inches, 'in'), 'child.shoulder_height' => Cases::q($shoulder, 'mm'), 'setup.mode' => $mode, 'setup.harness' => null, 'setup.zone' => null, 'setup.marker' => 'in',
        ]);
    }
}
