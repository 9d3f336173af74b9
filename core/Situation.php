<?php

declare(strict_types=1);

namespace MintBuckle\Core;

use MintBuckle\Core\Calendar\Age;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\CaseFile\CaseFile;
use MintBuckle\Core\CaseFile\Child;
use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\CaseFile\Leave;
use MintBuckle\Core\CaseFile\Mode;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\CaseFile\Position;
use MintBuckle\Core\CaseFile\Seat;
use MintBuckle\Core\CaseFile\Setup;
use MintBuckle\Core\CaseFile\Standard;
use MintBuckle\Core\CaseFile\StrapRule;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Practice\Convention;
use MintBuckle\Core\Practice\Practice;
use MintBuckle\Core\Quantity\Months;

/** A case seen once for all rules: the child's age, the practice and convention that speak, the mode and place in use. */
final readonly class Situation
{
    public Child $child;

    /** @var Months|null completed months; null for a child not yet born or of unknown age */
    public ?Months $age;

    public Practice $practice;

    /** @var Convention|null null while the label's standards are unknown */
    public ?Convention $convention;

    /** @var Seat|null the seat to be judged: none when the child rides with the belt alone */
    public ?Seat $seat;

    /** @var ModeName|null the mode in use */
    public ?ModeName $mode;

    /** @var Mode|null what the maker says of the mode in use */
    public ?Mode $modeRules;

    /** @var Position|null the place in use */
    public ?Position $place;

    /** @var string path of the place in use */
    public string $placePath;

    public ModeFits $fits;

    /** @var LockFinder how the belt at the place in use can be locked */
    public LockFinder $locks;

    /** @param Practice|null $practice an organisation's own copy; else the one that the case names */
    public function __construct(public CaseFile $case, ?Practice $practice = null)
    {
        $this->child = $case->child;
        $this->age = $case->child->ageMonths ?? ($case->child->bornOn === null ? null : Age::on($case->today, $case->child->bornOn));
        $this->practice = $practice ?? Practice::of($case->practice);
        $this->mode = $case->setup?->mode;
        $this->seat = $this->mode === ModeName::BeltOnly ? null : $case->seat;
        $standards = $this->seat?->standards;
        $this->convention = $standards === null ? null : Convention::of(self::speaking($standards, $this->practice->accepted));
        $this->modeRules = $this->mode === null ? null : $this->seat->modes[$this->mode->value] ?? null;
        $index = $this->placeIndex();
        $this->place = $index === null ? null : $case->vehicle->positions[$index] ?? null;
        $this->placePath = 'vehicle.positions.' . $index;
        $this->fits = ModeFits::of($this);
        $this->locks = LockFinder::find($this);
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
        return match (true) {
            $this->place !== null => $this->placePath . '.' . $key,
            $this->case->vehicle === null => 'vehicle',
            default => 'setup.position',
        };
    }

    public function isHarness(): bool
    {
        return $this->mode?->isHarness() === true;
    }

    public function isBooster(): bool
    {
        return $this->mode?->isBooster() === true;
    }

    public function isRear(): bool
    {
        return $this->mode === ModeName::RearHarness;
    }

    public function isForwardHarness(): bool
    {
        return $this->mode === ModeName::ForwardHarness;
    }

    /** A belt that holds the seat, or over a booster the child. */
    public function beltHolds(): bool
    {
        $heldBy = $this->setup()->heldBy;

        return $this->isBooster() || ($this->isHarness() && ($heldBy === HeldBy::Belt || $heldBy === HeldBy::Both));
    }

    public function anchorsHold(): bool
    {
        $heldBy = $this->setup()->heldBy;

        return ($this->isHarness() || $this->isBooster()) && ($heldBy === HeldBy::LowerAnchors || $heldBy === HeldBy::Both);
    }

    /** Whether the tether is called for by the seat, its standard or the direction; null when the seat's word is missing. */
    public function tetherCalledFor(): Truth
    {
        return match (true) {
            $this->isForwardHarness() => Truth::Yes,
            ! $this->isRear() => Truth::No,
            $this->seat?->tetherRear !== null && ($this->seat->tetherRear !== Leave::Allowed || $this->convention?->rearTetherAlways !== true) => Truth::of($this->seat->tetherRear === Leave::Required),
            $this->convention === null => Truth::Unknown,
            $this->convention->rearTetherAlways => Truth::Yes,
            default => $this->seat?->tetherRear === null ? Truth::Unknown : Truth::No,
        };
    }

    /** The strap rule of a mode with its layer; null while it cannot be told. */
    public function strapRule(ModeName $mode): ?StrapRule
    {
        return $mode === ModeName::RearHarness
            ? $this->seat->strapRuleRear ?? $this->convention?->rearStraps
            : $this->seat->strapRuleForward ?? $this->convention?->forwardStraps;
    }

    public function strapRuleFrom(ModeName $mode): string
    {
        $own = $mode === ModeName::RearHarness ? $this->seat?->strapRuleRear : $this->seat?->strapRuleForward;

        return $own !== null ? 'seat' : $this->convention->from ?? 'default';
    }

    /**
     * Places other than the one in use that could take a child seat: not taken, known to face forward, without a known airbag.
     *
     * @return list<Position>
     */
    public function freePlaces(): array
    {
        return array_values(array_filter(
            $this->case->vehicle->positions ?? [],
            fn(Position $p): bool => $p->name !== $this->place?->name && $p->taken !== true && $p->sideFacing === false && $p->airbag !== true,
        ));
    }

    public function hasFreeBackPlace(): bool
    {
        return array_filter($this->freePlaces(), static fn(Position $p): bool => $p->row() > 1) !== [];
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
