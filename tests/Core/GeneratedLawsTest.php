<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Words\Teller;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/** Laws over ten thousand generated cases each; the seed stands in every message, so that a case can be made again. */
#[Group('slow')]
final class GeneratedLawsTest extends TestCase
{
    private const SEED = 20261128;

    private const CASES = 10_000;

    /** A negative figure, a path, a key, a place or layer by its code, two stops, two spaces. */
    private const RAW = '/(?<![\w\d])-\d|\b(setup|seat|vehicle|child|handover)\.[a-z_]|[a-z]_[a-z]|\b\d[LCR]\b|\bpractice:|\bstandard:|\.\.|\bnull\b|  /';

    /** By the case format judged when given and never asked, or absent data that are no gap. */
    private const NEVER_ASKED = '/^(law|policy\.|child\.sits_unaided$)|^setup\.(buckle_turns|head_restraint(_pushes)?|angle|indicator|movement\.(\w+_felt|tether_loose)|harness\.(insert|clip|strap(_offset)?)|booster\.(slouch|slack|guides_missed)|belt_fit|shell_locked|clamp_door_closed|base|side_pod|marker|handle|foot|webbing|lockoff_used|parts_fitted|recline_setting)$'
        . '|^seat\.(use_until|life_years|made_on|lockoff|clamp_door|lockoff_on|lock_retractor_too|clamp_order|detachable|turns|baseless(_webbing)?|side_pod|movement_max|overhang_max|clip_distance_max|lower_anchor_child_max|weight|tightness_test|strap_rule_rear|chest_clip|replace_after_crash|inserts|tether_rear)$'
        . '|^seat\.modes\.|^vehicle\.(lower_anchor_child_max|positions\.[023]\.)|^handover/';

    /** @var array{good: int, deleted: int, broken: array<string, string>}|null what one sweep over the cases found, by law */
    private static ?array $sweep = null;

    public function testAGoodCaseHasEveryAskedFactKnown(): void
    {
        self::assertSame('', self::swept()['broken']['open'] ?? '');
        self::assertGreaterThan(self::cases() / 20, self::swept()['good']);
    }

    /** Every fact that could turn a good case into a stop or a fix is asked while it is unknown. */
    public function testWhatCouldTurnItIsAsked(): void
    {
        self::assertSame('', self::swept()['broken']['silent'] ?? '');
    }

    /** With any one asked fact deleted a case is never good. */
    public function testWithAnAskedFactDeletedItIsNeverGood(): void
    {
        self::assertSame('', self::swept()['broken']['deleted'] ?? '');
        self::assertGreaterThan(self::cases() / 20, self::swept()['deleted']);
    }

    public function testSentencesHoldNothingRaw(): void
    {
        self::assertSame('', self::swept()['broken']['raw'] ?? '');
    }

    /** @return array{good: int, deleted: int, broken: array<string, string>} */
    private static function swept(): array
    {
        return self::$sweep ??= self::sweep(new Generated(self::SEED));
    }

    /** @return array{good: int, deleted: int, broken: array<string, string>} the first case that breaks each law */
    private static function sweep(Generated $generated): array
    {
        [$good, $deleted, $broken] = [0, 0, []];
        for ($i = 0; $i < self::cases(); $i++) {
            [$case, $read] = $generated->case();
            $assessment = Generated::assess($read);
            $path = $generated->one($generated->paths());
            $without = Generated::with($case, $path, null);
            $unknown = $without === null ? null : Generated::assess($without);
            $isGood = $assessment->verdict === Verdict::GoodToRide;
            $isAsked = $unknown !== null && in_array($path, Cases::asked($unknown), true);
            $breaks = array_filter([
                'open' => $isGood && $assessment->questions !== [] ? 'good with a question' : null,
                'deleted' => $isAsked && $unknown->verdict === Verdict::GoodToRide ? "good without {$path}" : null,
                'silent' => $unknown?->verdict === Verdict::GoodToRide && ! self::isNeverAsked($read, $path) ? self::silent($generated, $case, $path) : null,
                'raw' => self::raw($assessment),
            ]);
            $broken += array_map(static fn(string $why): string => "{$why}; " . self::named($i, $case), $breaks);
            $good += $isGood ? 1 : 0;
            $deleted += $isAsked ? 1 : 0;
        }

        return ['good' => $good, 'deleted' => $deleted, 'broken' => $broken];
    }

    /** By the case format; a booster's base is judged where it was measured. */
    private static function isNeverAsked(CaseFile $case, string $path): bool
    {
        return preg_match(self::NEVER_ASKED, $path) === 1
            || ($case->setup?->mode?->isBooster() === true && in_array($path, ['setup.overhang', 'setup.base_on_cushion', 'setup.tether.used', 'setup.tether.slack'], true));
    }

    /** Whether a fact that is unknown in a good case, and nobody asks for, would turn it by some value. */
    private static function silent(Generated $generated, stdClass $case, string $path): ?string
    {
        foreach ($generated->valuesOf($path) as $value) {
            $known = Generated::with($case, $path, $value);
            $verdict = $known === null ? Verdict::GoodToRide : Generated::assess($known)->verdict;
            if ($verdict === Verdict::DoNotUse || $verdict === Verdict::FixFirst) {
                return "unknown {$path} is good, " . json_encode($value) . ' is not';
            }
        }

        return null;
    }

    /** The first sentence that holds something raw. */
    private static function raw(Assessment $assessment): ?string
    {
        foreach (array_keys(Told::locales()) as $language) {
            foreach ([[null, null], [LengthUnit::Inch, MassUnit::Pound], [LengthUnit::Millimetre, MassUnit::Kilogram]] as [$length, $mass]) {
                foreach (self::sentences($assessment, Told::in($language)->in($length, $mass)) as $sentence) {
                    if (preg_match(self::RAW, $sentence) === 1 || ! str_ends_with($sentence, '.')) {
                        return $sentence;
                    }
                }
            }
        }

        return null;
    }

    /** A list of limits behaves as the one figure it resolves to, for a seat made on a known day and held a known way. */
    public function testAListBehavesAsTheFigureItResolvesTo(): void
    {
        $generated = new Generated(self::SEED + 3);
        $lists = array_values(array_filter($generated->valuesOf('seat.lower_anchor_child_max'), static fn(mixed $value): bool => is_array($value) && array_is_list($value)));
        assert($lists !== []);
        for ($i = 0; $i < self::cases(); $i++) {
            [$case] = $generated->case();
            CasePath::set($case, 'seat.lower_anchor_child_max', json_decode(json_encode($generated->one($lists), JSON_THROW_ON_ERROR)));
            CasePath::set($case, 'seat.made_on', $generated->one(['2021-12-31', '2022-01-01', '2023-03-14']));
            $read = Reader::fromObject($case);
            $seat = $read->seat ?? self::fail('no seat');
            $entry = $seat->lowerAnchorChildMax?->asMaximum($seat->madeOn, $read->setup?->heldBy === HeldBy::Both ? HeldBy::Both : HeldBy::LowerAnchors)->entry;
            $plain = Generated::with($case, 'seat.lower_anchor_child_max', $entry?->value->toArray());
            if ($plain === null || self::answer(Generated::assess($plain)) !== self::answer(Assessor::assess($read, Rulebook::current()))) {
                self::fail(self::named($i, $case));
            }
        }
        self::assertSame(self::cases(), $i);
    }

    /** @return list<string> */
    private static function sentences(Assessment $assessment, Teller $teller): array
    {
        $sentences = [];
        foreach ($assessment->findings as $finding) {
            array_push($sentences, $teller->message($finding), $teller->remedy($finding));
        }
        foreach ($assessment->computed()->card ?? [] as $step) {
            array_push($sentences, $teller->sentence($step->step()), $teller->check($step));
        }

        foreach ($assessment->computed()->modes as $fit) {
            array_push($sentences, ...array_map(static fn(Message $why): string => $teller->tell($why) . '.', $fit->because()));
        }

        foreach (LockFinder::of($assessment->situation)->inOrder() as $way) {
            $sentences[] = $teller->sentence($way->because());
        }

        return [...$sentences, ...array_map($teller->sentence(...), [
            ...EveryRide::of($assessment->situation),
            ...TakingOut::of($assessment->situation),
            ...$assessment->computed()->changeover->steps ?? [],
        ])];
    }

    /** @return array{string, list<string>, list<string>} */
    private static function answer(Assessment $assessment): array
    {
        return [$assessment->verdict->value, Cases::found($assessment), Cases::asked($assessment)];
    }

    /** Where the laws run many times over, as when the core is broken on purpose, fewer cases each: LAW_CASES. */
    private static function cases(): int
    {
        return (int) (getenv('LAW_CASES') ?: self::CASES);
    }

    private static function named(int $number, stdClass $case): string
    {
        return 'seed ' . self::SEED . ", case {$number}: " . json_encode($case, JSON_THROW_ON_ERROR);
    }
}
