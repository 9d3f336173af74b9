<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\CasePath;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\Reading\Reader;
use MintBuckle\Core\Finding\Assessment;
use MintBuckle\Core\Finding\AssessmentWriter;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

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
        $answer = AssessmentWriter::toArray(self::assess($rules, $mode))['computed'];
        self::assertIsArray($answer);
        self::assertIsArray($answer['card']);
        self::assertGreaterThanOrEqual(6, count($answer['card']));
        $steps = array_column($answer['card'], 'step');
        self::assertCount(count($steps), array_unique(array_map(json_encode(...), $steps)), 'no step twice');
        $buckle = array_search('Buckle.', $steps, true);
        $prove = array_search('Prove the lock: pull firmly on the belt.', $steps, true);
        self::assertNotFalse($buckle);
        if ($prove !== false) {
            self::assertLessThan($prove, $buckle, 'buckled before locked');
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
        $changeover = self::assess($rules, $mode)->computed->changeover;
        if ($changeover === null) {
            self::assertSame($mode, array_key_last((array) $rules->modes), 'only the last mode has nothing after it');

            return;
        }
        self::assertNotNull(CasePath::get($rules, 'modes.' . $changeover->to->value));
        self::assertNotSame($mode, $changeover->to->value);
        self::assertSame('Tighten it afresh and try the movement at the belt path.', $changeover->steps[count($changeover->steps) - 1]);
    }

    #[DataProvider('seats')]
    public function testTheModeFitsTheChildItIsMadeFor(stdClass $rules, string $mode): void
    {
        $assessment = self::assess($rules, $mode);
        self::assertNotContains('mode.outside_limits', array_map(static fn($f): string => $f->code->value, $assessment->findings));
        self::assertNotNull($assessment->computed->bestMode);
        self::assertArrayHasKey($mode, $assessment->computed->outgrown);
    }

    private static function assess(stdClass $rules, string $mode): Assessment
    {
        [$months, $pounds, $inches, $shoulder] = self::CHILDREN[$mode];
        $case = Cases::json(Cases::REAR, [
            'seat' => $rules, 'seat.made_on' => '2024-05-01', 'child.born_on' => null, 'child.age_months' => $months, 'child.weight' => Cases::q($pounds, 'lb'),
            'child.height' => Cases::q($inches, 'in'), 'child.shoulder_height' => Cases::q($shoulder, 'mm'), 'setup.mode' => $mode, 'setup.harness' => null, 'setup.zone' => null,
        ]);

        return Assessor::assess(Reader::fromObject($case), Rulebook::current());
    }
}
