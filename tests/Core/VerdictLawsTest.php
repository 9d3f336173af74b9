<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/** Laws that hold for every case, tried on generated ones. */
#[Group('slow')]
final class VerdictLawsTest extends TestCase
{
    /** Facts whose absence is no gap, and why. Everything else that is deleted must leave a good case not good. */
    private const NO_GAP = [
        '/^(policy|law)(\.|$)/' => 'an absent law sets nothing, an absent policy is the strict one',
        '/^child\.(sex|special_needs)$/' => 'optional',
        '/^child\.sits_unaided$/' => 'asked only where a zone or upright_when_sits brings it in',
        '/^child\.shoulder_height$/' => 'asked for harness modes; here the booster case is meant',
        '/^seat\.(name|serial|registered|remedied|use_until|inserts)(\.|$)/' => 'optional, or another fact is enough',
        '/^seat\.(weight|lockoff|clamp_door|lock_retractor_too|lower_anchor_child_max|clip_distance_max|overhang_max|base_length|replace_after_crash)$/' => 'its maker sets no such rule, or it is not in use',
        '/^seat\.(belt_and_anchors_ok|borrow_anchors_ok|inflatable_belt_ok|wedge_ok|tether_rear|tether_forward_required)$/' => 'asked only while the thing it permits is in use',
        '/^seat\.slots/' => 'asked for harness modes; here the booster case is meant',
        '/^seat\.modes\.\w+\.(?!weight_m|height_m)/' => 'its maker sets no such rule',
        '/^seat\.modes\.high_back_booster\.height_min$/' => 'a least height is never asked',
        '/^seat\.history\.crash_points/' => 'there was no crash',
        '/^vehicle\.(model_year|belt_and|borrow|buckle)/' => 'not in use',
        '/^vehicle\.positions\.[023]\./' => 'other places',
        '/^vehicle\.positions\.1\.(width|latch_plate|lower_anchors)$/' => 'the retractor is what locks here',
        '/^recall_list\.campaigns\./' => 'there are none',
        '/^setup\.(buckle_turns|buckle_in_path|head_restraint_pushes|anchors_borrowed)$/' => 'optional, or not in use',
        '/^setup\.(angle|indicator|base_on_cushion|parts_fitted)$/' => 'another reading is enough, or no part is named',
        '/^setup\.harness\.(strap|strap_offset|head_support_ok|tail_loose|crotch\.nearest_clear)$/' => 'optional',
    ];

    /** What the mode, the standard or the direction of a case leaves out. */
    private const NOT_FOR = [
        Cases::REAR => '/^seat\.modes\.forward|^setup\.(vehicle_back_upright|ears_above)$|^vehicle\.positions\.1\.tether_anchor$/',
        Cases::FORWARD => '/^seat\.modes\.rear|^setup\.(level_ground|front_contact|tether\.overtight)$/',
        Cases::NZ => '/^seat\.modes\.forward|^setup\.(vehicle_back_upright|ears_above|harness\.clip)$/',
        Cases::BOOSTER => '/^seat\.modes\.(rear|forward)|^setup\.(lock|level_ground|overhang|front_contact|ears_above)$|^vehicle\.positions\.1\.(retractor|tether_anchor)$/',
    ];

    /** @return iterable<string, array{string}> */
    public static function good(): iterable
    {
        foreach (Cases::GOOD as $name) {
            yield $name => [$name];
        }
    }

    /** Deleting any fact that a rule reads leaves a good case not good; and what is then asked can be asked of a person. */
    #[DataProvider('good')]
    public function testDeletingAFactThatMattersLeavesItNotGood(string $name): void
    {
        self::assertSame(Verdict::GoodToRide, Cases::assess($name)->verdict);
        $stillGood = [];
        foreach (ReaderTest::paths(Cases::json($name)) as $path) {
            $case = Cases::json($name, [$path => null]);
            $assessment = self::tryAssess($case);
            if ($assessment === null || CasePath::get(Cases::json($name), $path) === null) {
                continue;
            }
            foreach ($assessment->questions as $question) {
                self::assertNotNull(Questionnaire::standard()->for(preg_replace('/^(handover\.\w+)\.id$/', '$1', $question->path) ?? ''), "nobody can be asked {$question->path}");
            }
            if ($assessment->verdict === Verdict::GoodToRide && ! self::isNoGap($name, $path)) {
                $stillGood[] = $path;
            }
        }
        self::assertSame([], $stillGood);
    }

    /** A case with many facts unknown, one of which becomes known: what it had to stop for stays. */
    public function testAFactNeverHidesAStop(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $faults = ['seat.history.crash' => true, 'seat.label_readable' => false, 'seat.history.altered' => true, 'seat.use_until' => '2020', 'vehicle.positions.1.side_facing' => true];
        foreach ($faults as $fault => $value) {
            for ($i = 0; $i < 40; $i++) {
                $name = Cases::GOOD[$random->getInt(0, 3)];
                $hidden = $random->shuffleArray(array_filter(ReaderTest::paths(Cases::json($name)), static fn(string $p): bool => preg_match('/^(child|setup|seat\.history|handover)\.[a-z_.]+(?<!value|unit)$/', $p) === 1 && ! str_starts_with($fault, $p) && $p !== 'setup.position' && $p !== 'setup.mode'));
                $unknown = array_fill_keys(array_slice($hidden, 0, 12), null);
                $before = self::tryAssess(Cases::json($name, $unknown + [$fault => $value]));
                array_shift($unknown);
                $after = self::tryAssess(Cases::json($name, $unknown + [$fault => $value]));

                self::assertSame([Verdict::DoNotUse, Verdict::DoNotUse], [$before?->verdict, $after?->verdict], "{$name} {$fault}");
            }
        }
    }

    #[DataProvider('good')]
    public function testUnitsChangeNothing(string $name): void
    {
        $case = Cases::json($name);
        $before = Cases::assess($name);
        self::inOtherUnits($case);
        $after = Assessor::assess(Reader::fromObject($case), Rulebook::current());

        self::assertSame([$before->verdict, Cases::found($before), Cases::asked($before)], [$after->verdict, Cases::found($after), Cases::asked($after)]);
    }

    #[DataProvider('good')]
    public function testOrderOfKeysChangesNothing(string $name): void
    {
        $case = Cases::json($name);
        $turned = self::reversed($case);
        assert($turned instanceof stdClass);

        self::assertEquals(Reader::fromObject($case), Reader::fromObject($turned));
    }

    public function testAWorseMeasurementNeverImproves(): void
    {
        $ladders = [
            [Cases::REAR, 'setup.movement.side', 'mm', [0, 10, 24.4, 25.4, 25.5, 40, 200]],
            [Cases::NZ, 'setup.movement.front', 'mm', [0, 24.9, 25, 25.4, 60]],
            [Cases::REAR, 'setup.overhang', 'in', [0, 2, 3, 3.1, 6]],
            [Cases::REAR, 'child.weight', 'lb', [21, 40, 40.1, 70]],
        ];
        $rank = static fn(Verdict $v): int => -(int) array_search($v, Verdict::cases(), true);
        foreach ($ladders as [$name, $path, $unit, $values]) {
            $ranks = array_map(static fn(int|float $value): int => $rank(Cases::assess($name, [$path => Cases::q($value, $unit)])->verdict), $values);
            $sorted = $ranks;
            sort($sorted);
            self::assertSame($sorted, $ranks, $path);
            self::assertGreaterThan($ranks[0], end($ranks), $path);
        }
    }

    /** Optional even where a rule reads them, by the case format: judged when given, never asked. */
    private const OPTIONAL = '/\\.(belt_in_guides|strap_trapped|unused_straps_stowed|anchor_tail_loose|up|\w+_felt|tether_loose|shell_locked|clamp_door_closed|slouch|slack|guides_missed|hook_right_way_up|twisted|touches_vehicle_back|empty_booster_buckled|buckle_in_path|hips_snug|head_support_ok|tail_loose|insert|belt_locked|head_restraint_pushes|nearest_clear|buckle_turns|registered|special_needs|strap_offset|angle_from|angle|indicator|checker)$/';

    /** What is wrong, made unknown, never turns into good to ride. */
    public function testAFaultMadeUnknownIsNotGood(): void
    {
        $tried = 0;
        foreach ([HistoryRulesTest::cases(), PlaceRulesTest::cases(), SecureRulesTest::cases(), MeasureRulesTest::cases(), BuckleRulesTest::cases(), BusRulesTest::cases(), HandoverRulesTest::cases()] as $rows) {
            foreach ($rows as $name => [$case, $changes, $findings]) {
                $path = (string) array_key_first($changes);
                if (count($changes) !== 1 || $findings === [] || str_starts_with($findings[0], 'advise') || preg_match('/^(seat\\.history|vehicle\\.positions\\.1|setup|handover)\\./', $path) !== 1 || preg_match(self::OPTIONAL, $path) === 1 || in_array([$case, $path], [[Cases::BOOSTER, 'setup.overhang'], [Cases::NZ, 'setup.harness.clip']], true)) {
                    continue;
                }
                self::assertNotSame(Verdict::GoodToRide, Cases::assess($case, [$path => null])->verdict, $name);
                $tried++;
            }
        }
        self::assertGreaterThan(60, $tried);
    }

    public function testQuestionsThatCouldStopComeFirst(): void
    {
        $questions = Cases::assess(Cases::REAR, ['setup.twisted' => null, 'seat.history.crash' => null, 'setup.harness.coat' => null, 'seat.label_readable' => null])->questions;
        $ranks = array_map(static fn($q): int => $q->couldBe->rank(), $questions);
        $sorted = $ranks;
        sort($sorted);

        self::assertSame($sorted, $ranks);
        self::assertSame(Severity::Stop, $questions[0]->couldBe);
    }

    private static function isNoGap(string $name, string $path): bool
    {
        foreach ([...array_keys(self::NO_GAP), self::NOT_FOR[$name]] as $pattern) {
            if (preg_match($pattern, $path) === 1) {
                return true;
            }
        }

        return false;
    }

    private static function tryAssess(stdClass $case): ?Assessment
    {
        try {
            return Assessor::assess(Reader::fromObject($case), Rulebook::current());
        } catch (InvalidCase) {
            return null;
        }
    }

    /** Every pound becomes ounces and every inch sixteenths of it in millimetres, exactly. */
    private static function inOtherUnits(mixed $value): void
    {
        foreach (is_object($value) || is_array($value) ? (array) $value : [] as $child) {
            self::inOtherUnits($child);
        }
        if ($value instanceof stdClass && isset($value->unit, $value->value) && (is_int($value->value) || is_float($value->value))) {
            [$value->value, $value->unit] = match ($value->unit) {
                'lb' => [$value->value * 16, 'oz'],
                'in' => [round($value->value * 25.4, 6), 'mm'],
                'mm' => [$value->value / 10, 'cm'],
                default => [$value->value, $value->unit],
            };
        }
    }

    private static function reversed(mixed $value): mixed
    {
        return match (true) {
            $value instanceof stdClass => (object) array_map(self::reversed(...), array_reverse((array) $value, true)),
            is_array($value) => array_map(self::reversed(...), $value),
            default => $value,
        };
    }
}
