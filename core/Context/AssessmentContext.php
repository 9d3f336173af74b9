<?php

declare(strict_types=1);

namespace MintBuckle\Core\Context;

use Closure;
use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\Bus;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\ClipPlace;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Facts\SidePod;
use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Practice\Convention;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Truth\Truth;

/** A case seen once for all rules: the child's age, the practice and convention that speak, the mode and place in use. */
final readonly class AssessmentContext
{
    public Child $child;

    /** @var Months|null completed months; null for a child not yet born or of unknown age */
    public ?Months $age;

    public RegionalPractice $practice;

    /** @var Convention|null null while the label's standards are unknown */
    public ?Convention $convention;

    /** @var Seat|null the seat to be judged: none when the child rides with the belt alone */
    public ?Seat $seat;

    /** @var ModeName|null the mode in use */
    public ?ModeName $mode;

    /** @var Mode|null what the maker says of the mode in use */
    public ?Mode $modeRules;

    /** @var Bus|null the bus that is ridden instead of a car */
    public ?Bus $bus;

    /** @var BusSystem|null what keeps the child on the bus; null in a car, and while it cannot be told */
    public ?BusSystem $system;

    /**
     * @var HeldBy|null what holds the seat, on a bus by belt and lower anchors; null while it is not known, and for what is fixed to a
     *                  bench by neither
     */
    public ?HeldBy $heldBy;

    /** @var SeatingPosition|null the place in use */
    public ?SeatingPosition $place;

    /** @var string path of the place in use */
    public string $placePath;

    /** @param RegionalPractice|null $practice an organisation's own copy; else the one that the case names */
    public function __construct(public CaseFile $case, ?RegionalPractice $practice = null)
    {
        $this->child = $case->child;
        $this->age = $case->child->ageMonths ?? ($case->child->bornOn === null ? null : Age::on($case->today, $case->child->bornOn));
        $this->practice = $practice ?? RegionalPractice::of($case->practice);
        $this->bus = $case->bus;
        $this->system = $case->bus === null ? null : $case->bus->system ?? BusSystem::only($case->setup?->mode);
        $this->mode = $this->system?->isRestraint() === false ? ModeName::withoutSeat() : $case->setup?->mode;
        $this->heldBy = $case->bus === null ? $case->setup?->heldBy : self::heldOnBench($case->bus->heldBy);
        $this->seat = $this->mode?->hasSeat() === false ? null : $case->seat;
        $standards = $this->seat?->standards;
        $this->convention = $standards === null ? null : Convention::of(self::speaking($standards, $this->practice->accepted));
        $this->modeRules = $this->mode === null ? null : $this->seat->modes[$this->mode->value] ?? null;
        $index = $this->placeIndex();
        $this->place = $index === null ? null : $case->vehicle->positions[$index] ?? null;
        $this->placePath = 'vehicle.positions.' . $index;
    }

    public function madeOn(): ?PartialDate
    {
        return $this->seat?->madeOn;
    }

    public function setup(): Setup
    {
        return $this->case->setup ?? new Setup();
    }

    /** Path of a fact of the mode in use. */
    public function modePath(string $key): string
    {
        return 'seat.modes.' . ($this->mode->value ?? '') . '.' . $key;
    }

    /** Path of a fact of the place in use; while that is not known, of the place itself. */
    public function placePath(string $key): string
    {
        return $this->placePaths()($key);
    }

    /** @return Closure(string): string the same for what outlives this context: it holds nothing of it */
    public function placePaths(): Closure
    {
        $place = $this->placePath;
        $whole = match (true) {
            $this->place !== null => null,
            $this->case->vehicle === null => 'vehicle',
            default => 'setup.position',
        };

        return static fn(string $key): string => $whole ?? "{$place}.{$key}";
    }

    public function isHarness(): bool
    {
        return $this->mode?->hasHarness() === true;
    }

    public function isBooster(): bool
    {
        return $this->mode?->isBooster() === true;
    }

    public function isRear(): bool
    {
        return $this->mode?->facesRear() === true;
    }

    public function isForwardHarness(): bool
    {
        return $this->mode?->isForwardHarness() === true;
    }

    /** A belt that holds the seat, or over a booster the child. */
    public function beltHolds(): bool
    {
        return $this->isBooster() || ($this->isHarness() && ($this->heldBy === HeldBy::Belt || $this->heldBy === HeldBy::Both));
    }

    /** The lower anchors alone hold a harness seat: how its belt would lock matters to nobody. */
    public function onlyAnchorsHold(): bool
    {
        return $this->isHarness() && $this->heldBy === HeldBy::LowerAnchors;
    }

    public function anchorsHold(): bool
    {
        return ($this->isHarness() || $this->isBooster())
            && ($this->heldBy === HeldBy::LowerAnchors || $this->heldBy === HeldBy::Both);
    }

    /** Whether the seat is used on a base from which its shell lifts off. */
    public function isOnBase(): bool
    {
        return $this->seat?->detachable === true && $this->isNotBaseless();
    }

    public function isNotBaseless(): bool
    {
        return $this->setup()->base !== BaseUse::None;
    }

    /** How the side pods must stand at this place; at a centre place no side counts as the door side. Null where the maker says nothing. */
    public function sidePodWanted(): ?SidePod
    {
        return $this->seat?->sidePod === SidePod::DoorSide && $this->place?->isCentre() === true ? SidePod::None : $this->seat?->sidePod;
    }

    /** Which part of the belt goes through, by the maker's word: without the base its own, else the mode's; null where nothing is said. */
    public function webbingAsked(): ?Webbing
    {
        return (
            $this->isHarness() && $this->setup()->base === BaseUse::None ? $this->seat?->baselessWebbing : null
        ) ?? $this->modeRules?->webbing;
    }

    /** Whether the tether is called for by the seat, its standard or the direction; null when the seat's word is missing. */
    public function tetherCalledFor(): Truth
    {
        return match (true) {
            $this->isForwardHarness() => Truth::Yes,
            ! $this->isRear() => Truth::No,
            $this->seat?->tetherRear === MakerPermission::Required => Truth::Yes,
            $this->seat?->tetherRear === MakerPermission::Forbidden => Truth::No,
            $this->convention === null => Truth::Unknown,
            $this->convention->rearTetherAlways => Truth::Yes,
            default => $this->seat?->tetherRear === null ? Truth::Unknown : Truth::No,
        };
    }

    /** The strap rule of a mode with its layer; null while it cannot be told. */
    public function strapRule(ModeName $mode): ?StrapRule
    {
        return $mode->facesRear()
            ? $this->seat->strapRuleRear ?? $this->convention?->rearStraps
            : $this->seat->strapRuleForward ?? $this->convention?->forwardStraps;
    }

    public function strapRuleFrom(ModeName $mode): string
    {
        $own = $mode->facesRear() ? $this->seat?->strapRuleRear : $this->seat?->strapRuleForward;

        return $own !== null ? 'seat' : $this->convention->from ?? 'default';
    }

    /** Whether the seat, its label's standard or the practice demands the tether for this way of riding. */
    public function tetherDemanded(): Truth
    {
        return match (true) {
            $this->isRear() => $this->tetherCalledFor(),
            ! $this->isForwardHarness() => Truth::No,
            ! $this->practice->forwardWithoutTether => Truth::Yes,
            default => Truth::of($this->seat?->tetherForwardRequired),
        };
    }

    /** Path of the seat's own word on the tether for this way of riding. */
    public function tetherDemandPath(): string
    {
        return $this->isRear() ? 'seat.tether_rear' : 'seat.tether_forward_required';
    }

    /** The layer that calls for the tether: a forward harness does so by itself. */
    public function tetherCalledForBy(): string
    {
        return match (true) {
            $this->isForwardHarness() => $this->seat?->tetherForwardRequired === true ? 'seat' : 'default',
            default => $this->tetherDemandedBy(),
        };
    }

    /** Whether the tether is in use, or called for and not known to be unused. */
    public function isTetherConcerned(): bool
    {
        $used = $this->setup()->tether->used;

        return $this->isHarness() && ($used === true || ($used === null && $this->tetherCalledFor() === Truth::Yes));
    }

    /** The layer that demands the tether. */
    public function tetherDemandedBy(): string
    {
        return match (true) {
            $this->isForwardHarness() => $this->practice->forwardWithoutTether ? 'seat' : $this->practice->layer(),
            $this->seat?->tetherRear === MakerPermission::Required => 'seat',
            default => $this->convention->from ?? 'default',
        };
    }

    /** Whether the tether's own maker forbids it the way this seat faces. */
    public function tetherForbidden(): bool
    {
        return $this->isRear() && $this->seat?->tetherRear === MakerPermission::Forbidden;
    }

    /**
     * What holds the seat, as a maker's limit asks: a booster held by nothing counts as held by the belt, which holds both; what is
     * fixed to a bench of a bus by neither belt nor lower anchors meets no limit that names one of them.
     */
    public function heldForLimits(): ?HeldBy
    {
        $heldBy = $this->heldBy ?? ($this->bus?->heldBy === null ? null : HeldBy::Nothing);

        return $this->isBooster() && $heldBy === HeldBy::Nothing ? HeldBy::Belt : $heldBy;
    }

    /** Whether there is a chest clip to close: by the seat's data, else by the label's standard, else because one was seen. */
    public function hasChestClip(): bool
    {
        return $this->seat->chestClip ?? $this->convention->chestClip ?? in_array(
            $this->setup()->harness->clip,
            [ClipPlace::Armpit, ClipPlace::High, ClipPlace::Low],
            true,
        );
    }

    /** Whether the child rides on a bus and something keeps it there, whichever system it is. */
    public function isRestrainedOnBus(): bool
    {
        return $this->bus !== null && ($this->system?->isRestraint() ?? $this->mode !== null);
    }

    public function isUnborn(): bool
    {
        return $this->child->dueOn !== null;
    }

    /** Weight and height of a child not yet born: no rule may ask for them, and what is not given breaks no limit. */
    public function isNeverAsked(string $path): bool
    {
        return $this->isUnborn() && ($path === 'child.weight' || $path === 'child.height');
    }

    /**
     * The practice's first accepted standard on the label speaks; with none, the label's first known one.
     *
     * @param list<string> $standards
     * @param list<Standard> $accepted
     */
    private static function speaking(array $standards, array $accepted): ?Standard
    {
        foreach ($accepted as $standard) {
            if (in_array($standard->value, $standards, true)) {
                return $standard;
            }
        }
        foreach ($standards as $text) {
            $known = Standard::tryFrom($text);
            if ($known !== null) {
                return $known;
            }
        }

        return null;
    }

    /** @param list<BusFixing>|null $fixedBy */
    private static function heldOnBench(?array $fixedBy): ?HeldBy
    {
        $belt = in_array(BusFixing::Belt, $fixedBy ?? [], true);
        $anchors = in_array(BusFixing::LowerAnchors, $fixedBy ?? [], true);

        return match (true) {
            $belt && $anchors => HeldBy::Both,
            $belt => HeldBy::Belt,
            $anchors => HeldBy::LowerAnchors,
            $fixedBy === [] => HeldBy::Nothing,
            default => null,
        };
    }

    private function placeIndex(): ?int
    {
        foreach ($this->case->vehicle->positions ?? [] as $index => $position) {
            if ($position->name === $this->case->setup?->position) {
                return $index;
            }
        }

        return null;
    }
}
