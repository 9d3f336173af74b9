<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Rules\Child\BeltOnlyRule;
use MintBuckle\Core\Rules\Child\BoosterAgeRule;
use MintBuckle\Core\Rules\Child\FrontRowRule;
use MintBuckle\Core\Rules\Child\ModeLimitsRule;
use MintBuckle\Core\Rules\Child\ModeOfferedRule;
use MintBuckle\Core\Rules\Child\TurnedForwardRule;
use MintBuckle\Core\Rules\Place\AirbagRule;
use MintBuckle\Core\Rules\Place\PlaceFacts;
use MintBuckle\Core\Rules\Place\PositionRule;
use MintBuckle\Core\Rules\Place\TetherAnchorRule;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Rules\Secure\AnchorPlaceRule;
use MintBuckle\Core\Rules\Secure\AnchorWeightRule;
use MintBuckle\Core\Rules\Secure\HoldingRule;
use MintBuckle\Core\Rules\Secure\InflatableBeltRule;
use MintBuckle\Core\Truth\Truth;

/**
 * How one rider does at one place: the same rules as in a check, asked before anybody sits there. Three of them weigh more while a
 * better place is free; they are asked once with nothing else free, and again with such a place beside it.
 */
final readonly class PlaceJudge
{
    /** These weigh more while a back place is free. */
    private const ADVISED_BY_BACK = ['place.airbag_forward', 'mode.front_row_under_13'];

    /** This one while a place with a tether anchor is. */
    private const ADVISED_BY_TETHER = ['place.no_tether_anchor'];

    /** @param list<Rule> $rules */
    private function __construct(private SeatingRequest $request, private array $rules) {}

    public static function of(SeatingRequest $request): self
    {
        return new self($request, [
            new ModeOfferedRule(), new TurnedForwardRule(), new ModeLimitsRule(),
            new BoosterAgeRule(), new BeltOnlyRule(), new FrontRowRule(),
            new PositionRule(), ...array_values(array_filter(
                PlaceFacts::rules(),
                static fn(Rule $r): bool => array_intersect(
                    array_map(static fn(Finds $f): string => $f->code->value, $r->finds()),
                    ['place.taken', 'place.side_facing'],
                ) !== [],
            )),
            new AirbagRule(), new TetherAnchorRule(),
            new HoldingRule(), new AnchorWeightRule(), new AnchorPlaceRule(), new InflatableBeltRule(),
        ]);
    }

    /** The mode a rider is planned with: its own, or the best that is known to fit. */
    public function modeOf(Rider $rider): ?ModeName
    {
        return $rider->mode ?? ModeFits::of(new AssessmentContext($this->request->caseOf($rider)))->best();
    }

    /** @return list<PlaceOption> one a way of holding that is open to this rider */
    public function options(Rider $rider, ModeName $mode, int $place): array
    {
        $options = array_map(fn(?HeldBy $way): PlaceOption => $this->option($rider, $mode, $place, $way), self::ways($rider, $mode));

        return PlaceOption::withoutDominated($options);
    }

    /**
     * What the rules say of a rider at a place while others have theirs.
     *
     * @param list<string> $taken places of the others
     * @return array{list<Finding>, list<string>} findings, and paths of facts to be looked at
     */
    public function at(Rider $rider, ModeName $mode, int $place, array $taken): array
    {
        $own = $this->request->vehicle->positions[$place];
        $others = array_values(array_filter(
            $this->request->vehicle->positions,
            static fn(SeatingPosition $p): bool => $p !== $own && ! in_array($p->name, $taken, true),
        ));
        [$findings, $unknown] = $this->judge(
            $this->situation($rider, $mode, $own, $rider->heldBy, $others),
            $this->mayBorrow($rider, $own, $rider->heldBy),
        );
        if (in_array($own->name, $taken, true)) {
            $findings[] = new Finding(
                Code::of('place.taken'),
                Severity::Fix,
                variant: 'twice',
                sources: [Source::Common->cite()],
            );
        }

        return [$findings, $unknown];
    }

    /** @return list<HeldBy|null> */
    private static function ways(Rider $rider, ModeName $mode): array
    {
        return match (true) {
            ! $mode->hasHarness() => [$rider->heldBy],
            $rider->heldBy === null || $rider->heldBy === HeldBy::Nothing => [HeldBy::Belt, HeldBy::LowerAnchors],
            default => [$rider->heldBy],
        };
    }

    private function option(Rider $rider, ModeName $mode, int $place, ?HeldBy $way): PlaceOption
    {
        $position = $this->request->vehicle->positions[$place];
        $borrowed = $this->mayBorrow($rider, $position, $way);
        $alone = $this->situation($rider, $mode, $position, $way, []);
        [$findings, $unknown, $grave] = $this->judge($alone, $borrowed);
        $breaks = array_values(array_filter($findings, self::isBroken(...)));
        $advises = array_values(array_filter(
            $findings,
            static fn(Finding $f): bool => $f->severity === Severity::Advise
                && in_array($f->code->value, [...self::ADVISED_BY_BACK, ...self::ADVISED_BY_TETHER], true),
        ));
        // Only what is advised while nothing else is free can weigh more once something is.
        $besides = fn(array $codes): array => $advises === [] ? [] : array_values(array_filter(
            $this->judge($this->situation($rider, $mode, $position, $way, [self::better($position)]), $borrowed)[0],
            static fn(Finding $f): bool => self::isBroken($f)
                && in_array($f->code->value, $codes, true)
                && in_array($f->code, array_column($advises, 'code'), true),
        ));
        $whileNoBackPlace = $besides(self::ADVISED_BY_BACK);
        $whileNoTetherPlace = $besides(self::ADVISED_BY_TETHER);

        return new PlaceOption(
            $place,
            $way,
            $breaks,
            $whileNoBackPlace,
            $whileNoTetherPlace,
            (
                $whileNoBackPlace === []
                    ? 0
                    : FreePlaces::asBits($alone, $this->request->vehicle->positions, static fn(SeatingPosition $p): bool => $p->row() > 1)
            )
                | (
                    $whileNoTetherPlace === []
                        ? 0
                        : FreePlaces::asBits(
                            $alone,
                            $this->request->vehicle->positions,
                            static fn(SeatingPosition $p): bool => $p->tetherAnchor === true,
                        )
                ),
            $advises,
            $unknown,
            $grave,
            self::isHeldWell($alone, $position, $borrowed),
            $borrowed,
        );
    }

    /** @param list<SeatingPosition> $others */
    private function situation(Rider $rider, ModeName $mode, SeatingPosition $position, ?HeldBy $way, array $others): AssessmentContext
    {
        return new AssessmentContext($this->request->caseOf($rider, $mode, $position->name, $way, [$position, ...$others]));
    }

    /** A free place in the back with all that a seat may need, that is not this one. */
    private static function better(SeatingPosition $not): SeatingPosition
    {
        return new SeatingPosition(
            '2' . ($not->name === '2L' ? 'R' : 'L'),
            belt: Belt::LapShoulder,
            lowerAnchors: true,
            tetherAnchor: true,
            airbag: false,
            sideFacing: false,
            taken: false,
        );
    }

    /** @return array{list<Finding>, list<string>, int} findings, paths of facts unknown, how many of these could stop it */
    private function judge(AssessmentContext $s, bool $borrowed): array
    {
        $findings = [];
        $unknown = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->judge($s) as $said) {
                if ($said instanceof Question) {
                    $path = str_replace('.positions.0.', ".positions.{$s->place?->name}.", $said->path);
                    $unknown[$path] = ($unknown[$path] ?? false) || $said->couldBe === Severity::Stop;
                } elseif (! $borrowed || $said->code !== Code::of('secure.anchor_not_there')) {
                    $findings[] = $said;
                }
            }
        }
        if ($s->isHarness() && $s->beltHolds() && LockFinder::of($s)->anyWorks() === Truth::No) {
            $findings[] = new Finding(
                Code::of('secure.belt_unlocked'),
                Severity::Fix,
                variant: 'place',
                sources: [Source::Common->cite()],
            );
        }

        $ofTheCar = array_filter($unknown, static fn(string $path): bool => ! str_starts_with($path, 'setup'), ARRAY_FILTER_USE_KEY);

        return [$findings, array_keys($ofTheCar), count(array_filter($ofTheCar))];
    }

    private static function isBroken(Finding $finding): bool
    {
        return $finding->severity === Severity::Stop || $finding->severity === Severity::Fix;
    }

    /** The middle without bars of its own, where both manuals allow to take those of the sides. */
    private function mayBorrow(Rider $rider, SeatingPosition $position, ?HeldBy $way): bool
    {
        $sides = array_filter(
            $this->request->vehicle->positions,
            static fn(SeatingPosition $p): bool => $p->row() === $position->row() && ! $p->isCentre() && $p->lowerAnchors === true,
        );

        return $way === HeldBy::LowerAnchors && $position->isCentre() && $position->lowerAnchors === false && count($sides) === 2
            && $rider->seat?->borrowAnchorsOk === true && $this->request->vehicle->borrowAnchorsOk === true;
    }

    private static function isHeldWell(AssessmentContext $s, SeatingPosition $position, bool $borrowed): bool
    {
        if (! $s->isHarness()) {
            return $position->belt === Belt::LapShoulder;
        }
        $lock = array_filter(
            LockFinder::of($s)->ways,
            static fn(LockWay $w): bool => $w->works === Truth::Yes && $w->way !== 'clip',
        ) !== [];

        return $s->beltHolds() ? $lock : $position->lowerAnchors === true && ! $borrowed;
    }
}
