<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\ReinspectionRules;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Handbook\LimitTable;
use MintBuckle\Present\Handbook\RuleText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/**
 * From a finding to its remedy, from a change to what must be looked at again, from a code to its words.
 *
 * @phpstan-import-type Told from Message as Telling
 */
final class HelpTest extends TestCase
{
    /** Facts that are judged when given and never asked: case-format, "Asked and optional". */
    private const NEVER_ASKED = ['setup.belt_in_guides', 'setup.strap_trapped', 'setup.unused_straps_stowed', 'setup.anchor_tail_loose', 'setup.movement.up', 'setup.tether.hook_right_way_up', 'setup.tether.twisted', 'setup.touches_vehicle_back', 'setup.empty_booster_buckled', 'setup.buckle_in_path', 'setup.harness.hips_snug', 'setup.harness.head_support_ok', 'setup.harness.tail_loose', 'setup.harness.insert', 'setup.booster.belt_locked', 'setup.head_restraint_pushes', 'setup.harness.crotch.nearest_clear', 'setup.buckle_turns'];

    public function testWhatGoesStaleIsAskedAgain(): void
    {
        foreach (ReinspectionRules::standard()->changes() as $changed) {
            self::assertSame([], array_values(array_intersect(ReinspectionRules::standard()->after($changed), self::NEVER_ASKED)), "{$changed}: a fault judged when given would vanish");
            self::assertNotContains($changed, ReinspectionRules::standard()->after($changed));
            foreach (ReinspectionRules::standard()->after($changed) as $path) {
                self::assertNotNull(Questionnaire::standard()->for($path), $path);
            }
        }
        self::assertSame([], ReinspectionRules::standard()->after('setup.movement.side'), 'a new try changes nothing but itself');
    }

    /** @return iterable<string, array{string, string, mixed, list<string>}> */
    public static function changes(): iterable
    {
        yield 'locked afresh' => [Cases::REAR, 'setup.lock', ['retractor'], ['setup.movement.side', 'setup.movement.front', 'setup.angle']];
        yield 'moved over' => [Cases::REAR, 'setup.position', '2R', ['setup.lock', 'setup.movement.side', 'setup.angle']];
        yield 'another slot' => [Cases::REAR, 'setup.harness.slot', 2, ['setup.harness.tightness.passes', 'setup.harness.clip', 'setup.harness.too_tight']];
        yield 'tether tightened' => [Cases::FORWARD, 'setup.tether.slack', false, ['setup.movement.side', 'setup.movement.front']];
        yield 'booster moved' => [Cases::BOOSTER, 'setup.position', '2R', ['setup.booster.lap', 'setup.booster.shoulder']];
    }

    /** @param list<string> $asked */
    #[DataProvider('changes')]
    public function testNoCheckIsGoodWhileSomethingIsStale(string $case, string $changed, mixed $value, array $asked): void
    {
        $stale = array_fill_keys(array_filter(ReinspectionRules::standard()->after($changed), static fn(string $path): bool => ! str_starts_with($path, 'bus.')), null);
        $after = Cases::assess($case, [$changed => $value, ...$stale]);

        self::assertNotSame(Verdict::GoodToRide, $after->verdict);
        self::assertSame([], array_values(array_diff($asked, Cases::asked($after))));
    }

    public function testEveryRemedyLeadsToFactsThatCanBeEntered(): void
    {
        $situation = new AssessmentContext(Cases::read(Cases::REAR));
        $lead = [];
        foreach (Rulebook::current()->codes() as $code) {
            $finds = Rulebook::current()->finds($code);
            foreach ([...Remedies::facts($finds, null, $situation), ...Remedies::ownFigures($finds, $situation)] as $path) {
                self::assertInstanceOf(Askable::class, Questionnaire::standard()->for($path), "{$code->value}: {$path}");
                self::assertStringNotContainsString('*', $path);
            }
            if ($finds->mendedBy !== []) {
                $lead[] = $code->value;
            }
        }
        // The rest are settled outside the check: a list, a specialist, an insert's window, a bus.
        self::assertGreaterThan(95, count($lead));
    }

    public function testOwnFiguresBelongToTheDirection(): void
    {
        $at = static fn(string $case, string $code): array => Remedies::ownFigures(Rulebook::current()->finds(Code::of($code)), new AssessmentContext(Cases::read($case)));

        self::assertSame([['seat.strap_rule_rear'], ['seat.strap_rule_forward']], [$at(Cases::REAR, 'harness.height'), $at(Cases::FORWARD, 'harness.height')]);
        self::assertSame([['seat.tether_rear'], []], [$at(Cases::REAR, 'measure.tether_unused'), $at(Cases::FORWARD, 'measure.tether_unused')]);
        self::assertSame(['seat.modes.rear_harness.angle_min'], $at(Cases::REAR, 'measure.too_upright'));
    }

    public function testTheHandbookHasARowForEveryCode(): void
    {
        foreach (Rulebook::current()->codes() as $code) {
            $text = RuleText::of($code);
            foreach (array_keys(Told::locales()) as $language) {
                $teller = Told::in($language);
                self::assertNotSame($text->title->key, $teller->tell($text->title), $code->value);
                self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/su', $teller->sentence($text->weighs), $code->value);
                self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/su', $teller->sentence($text->when), $code->value);
            }
            self::assertMatchesRegularExpression('/^(P|C|M)/', Told::in('en')->show($text->mark), $code->value);
        }
    }

    public function testLimitsStandSideBySideAsTheRulesUseThem(): void
    {
        $practices = LimitTable::practices();
        self::assertSame(['United States', 'New Zealand', 'Australia'], self::told($practices->columns));
        self::assertSame(['at most 1 in', 'less than 25 mm', 'less than 25 mm'], self::told($practices->rows[0][1]));
        self::assertSame(['at most 65 lb', 'the label only', 'the label only'], self::told($practices->rows[2][1]));

        $conventions = LimitTable::conventions();
        $tests = array_combine(self::told($conventions->columns), self::told($conventions->rows[2][1]));
        self::assertStringStartsWith('pinch', $tests['FMVSS 213']);
        self::assertStringStartsWith('one finger', $tests['AS/NZS 1754']);
    }

    /**
     * @param list<Telling> $some
     * @return list<string>
     */
    private static function told(array $some): array
    {
        return array_map(Told::in('en')->show(...), $some);
    }
}
