<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Models\CheckupEvent;
use App\Recalls\NameDoubt;
use App\Recalls\NamesOnRecord;
use App\Units;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\FlightCar;
use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\Card\FlightSteps;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Room\RoomAhead;
use MintBuckle\Core\Room\RoomGain;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Core\Wedge\WedgeSize;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\LabelRuler;
use MintBuckle\Present\Drawing\ModePlane;
use MintBuckle\Present\Drawing\SeatSide;
use stdClass;

/** What the core says to a calculator's facts. */
final readonly class CalculatorAnswer
{
    public AssessmentContext $situation;

    /** @param array<string, mixed> $facts by path, in the case format's shape */
    public function __construct(private Calculator $calculator, public Assessment $assessment, private array $facts, private Units $units)
    {
        $this->situation = $assessment->situation;
    }

    /** A maker or model that nothing could be matched with. */
    public function doubt(): ?NameDoubt
    {
        $seat = $this->situation->case->seat;

        return $seat === null ? null : app(NamesOnRecord::class)->doubt(CheckupEvent::current()->recallList, $seat->maker, $seat->model);
    }

    /** Of when the list is that was looked into. */
    public function listAge(): Message
    {
        $dated = $this->situation->case->recallList?->dated;

        return $dated === null
            ? new Message('calculators.recall.no_list')
            : new Message('calculators.recall.list', ['day' => $dated, 'age' => $dated->daysUntil($this->situation->case->today)]);
    }

    /** @return list<Finding> those that this calculator is about */
    public function findings(): array
    {
        $about = match ($this->calculator) {
            Calculator::Expiry => 'expiry.',
            Calculator::Recall => 'recall.',
            Calculator::Anchors => 'secure.anchor_overweight',
            Calculator::Slot => 'harness.height',
            Calculator::BeltFit => 'mode.',
            Calculator::Extras => 'extras.',
            Calculator::Locking => 'place.no_belt',
            default => 'none',
        };

        return array_values(array_filter(
            $this->assessment->findings,
            static fn(Finding $f): bool => str_starts_with($f->code->value, $about),
        ));
    }

    /** @return list<Message> what is still missing for a whole answer */
    public function missing(): array
    {
        $lacking = $this->lacking();
        $paths = array_filter(
            $this->calculator->facts(),
            fn(string $path): bool => ! array_key_exists($path, $this->facts) && in_array($path, $lacking, true),
        );

        return array_values(array_map(
            static fn(string $path): Message => CalculatorPage::askable($path)->short(),
            $paths,
        ));
    }

    /** @return list<string> paths of the facts that would decide */
    public function lacking(): array
    {
        return $this->calculator === Calculator::Flight
            ? $this->flight()->missing
            : array_map(static fn($q): string => $q->path, $this->assessment->questions);
    }

    /** @return list<string> the same, and what would tell of the car at the other end of a flight */
    public function wanted(): array
    {
        return [...$this->lacking(), ...($this->calculator === Calculator::Flight ? FlightCar::missing($this->situation) : [])];
    }

    public function ruler(): LabelRuler
    {
        return LabelRuler::of($this->situation->case);
    }

    public function plane(): ModePlane
    {
        return ModePlane::of(
            $this->situation,
            $this->units === Units::Imperial ? MassUnit::Pound : MassUnit::Kilogram,
            $this->units->tall(),
        );
    }

    public function front(): BuckleFront
    {
        return BuckleFront::of($this->situation, $this->units->length());
    }

    public function side(): SeatSide
    {
        return SeatSide::of($this->situation, $this->units->length());
    }

    public function anchors(): AnchorLimit
    {
        return AnchorLimit::of($this->situation, $this->situation->mode);
    }

    /** Whether every slot is known and none is on the right side of the shoulder. */
    public function noSlotIsRight(): bool
    {
        return $this->situation->mode !== null && SlotChoice::of($this->situation, $this->situation->mode)->nothingRight;
    }

    public function wedge(): ?WedgeSize
    {
        return WedgeSize::of($this->situation);
    }

    /**
     * None where no wedge is called for or allowed.
     *
     * @return list<array{Message, Angle, Angle, Angle}> stack, what it gains, and the least and most by how far noodles are squeezed
     */
    public function stacks(): array
    {
        $base = $this->situation->seat?->baseLength?->base()->toFloat();
        if ($base === null || $base <= 0.0 || $this->wedge() === null) {
            return [];
        }
        $noodle = $this->length('own.noodle')?->base()->toFloat() ?? WedgeSize::NOODLE_MM;
        $gain = static fn(int $noodles, float $squeezed): Angle => Angle::of(number_format(
            WedgeSize::gain($base, $noodles, $squeezed, $noodle),
            4,
            '.',
            '',
        ));

        return array_map(
            static fn(int $n, string $stack): array => [
                new Message("calculators.wedge.stacks.{$stack}"),
                $gain($n, WedgeSize::SQUEEZED),
                $gain($n, WedgeSize::LEAST_SQUEEZED),
                $gain($n, WedgeSize::MOST_SQUEEZED),
            ],
            [1, 3],
            ['one_noodle', 'three_noodles'],
        );
    }

    public function room(): RoomAhead
    {
        $rules = $this->situation->modeRules;
        $upright = $rules?->angleMin?->asMinimum(null, null)->entry?->value;

        return RoomAhead::of(
            $this->length('own.missing'),
            $this->length('own.shell'),
            $this->situation->setup()->angle,
            $upright instanceof Angle ? $upright : null,
            $this->length('own.handle'),
            $this->length('own.other_handle'),
            $this->length('own.base'),
        );
    }

    public function flight(): FlightCard
    {
        return FlightCard::in($this->situation, $this->assessment->findings);
    }

    /** @return array<string, list<Message>> how the seat flies, part by part; nothing of the aircraft where it may not */
    public function flightSteps(): array
    {
        $s = $this->situation;
        $may = $this->flight()->may;
        if ($may === Truth::No || $s->mode === null) {
            return [];
        }
        $parts = $may === Truth::Yes
            ? ['before' => FlightSteps::before($s), 'aboard' => FlightSteps::aboard($s), 'out' => FlightSteps::out($s)]
            : [];

        return $parts + ['car' => [...FlightCar::steps($s), ...$this->roomGained()]];
    }

    /** @return list<Message> */
    private function roomGained(): array
    {
        return array_map(
            static fn(RoomGain $gain): Message => new Message('flight.car.room', ['room' => $gain->gain]),
            $this->room()->gains,
        );
    }

    /** @return list<CardStep> how to lock the belt by a way that works */
    public function stepsOf(LockWay $way): array
    {
        return $this->assessment->computed()->stepsOf($way);
    }

    private function length(string $path): ?Length
    {
        $measured = $this->facts[$path] ?? null;
        $measured = is_array($measured) ? (object) $measured : $measured;

        return $measured instanceof stdClass && isset($measured->value, $measured->unit) && is_string($measured->unit)
            ? Length::of(json_encode($measured->value, JSON_THROW_ON_ERROR), LengthUnit::from($measured->unit))
            : null;
    }
}
