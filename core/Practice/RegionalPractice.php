<?php

declare(strict_types=1);

namespace MintBuckle\Core\Practice;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;

/** The values an event works by where neither the seat, the car nor the label's standard says otherwise. */
final readonly class RegionalPractice
{
    /**
     * @param Mass|null $anchorsForward child and seat together on lower anchors, forward-facing, where the label prints no figure; null:
     *                                  the label alone speaks
     * @param Mass|null $anchorsRear the same, rear-facing
     * @param CalendarDate|null $anchorsMadeFrom the combined figures hold for seats made from this day
     * @param bool $forwardWithoutTether a forward harness may ride without a tether anchor when the seat's maker says so
     * @param list<Standard> $accepted in the order in which they speak
     * @param array<string, Citation> $own sources of what an organisation set itself, by figure
     */
    private function __construct(
        public string $name,
        public Bound $movement,
        public Bound $clipDistance,
        public ?Mass $anchorsForward,
        public ?Mass $anchorsRear,
        public ?CalendarDate $anchorsMadeFrom,
        public bool $forwardWithoutTether,
        public Months $boosterFrom,
        public ?Mass $boosterWeight,
        public array $accepted,
        private array $own = [],
    ) {}

    public static function of(PracticeCode $code): self
    {
        $inch = Length::of(1, LengthUnit::Inch);
        $from = 'practice:' . $code->value;
        $common = [Source::Common->cite()];
        $bound = static fn(Length $value, bool $inclusive): Bound => new Bound($value, $inclusive, $from, $common);
        $pounds = static fn(int $value): Mass => Mass::of($value, MassUnit::Pound);

        return match ($code) {
            //                                     movement                        locking clip                  forward      rear         made from                         no tether  booster        and          accepted on the label
            PracticeCode::Us => new self($code->value, $bound($inch, true),             $bound($inch, true),          $pounds(65), $pounds(60), CalendarDate::of(2014, 2, 27), true,  Months::of(48), $pounds(40), [Standard::Fmvss213]),
            PracticeCode::Nz => new self($code->value, $bound(Length::of(25), false), $bound(Length::of(10), true), null,        null,        null,                          false, Months::of(48), null,        [Standard::AsNzs1754, Standard::EceR44, Standard::EceR129, Standard::Fmvss213]),
            PracticeCode::Au => new self($code->value, $bound(Length::of(25), false), $bound(Length::of(10), true), null,        null,        null,                          false, Months::of(48), null,        [Standard::AsNzs1754]),
        };
    }

    public function layer(): string
    {
        return 'practice:' . $this->name;
    }

    /**
     * An organisation's copy with its own values; what it changed comes from "practice:<name>" wherever it is shown.
     *
     * @param string $name lower-case letters and digits
     * @param array<string, string> $sources where each changed value is from, by its parameter in snake case; else the organisation itself
     */
    public function changed(
        string $name,
        ?Length $movement = null,
        ?bool $movementInclusive = null,
        ?Length $clipDistance = null,
        ?Months $boosterFrom = null,
        ?Mass $boosterWeight = null,
        ?Mass $anchorsForward = null,
        ?Mass $anchorsRear = null,
        ?bool $forwardWithoutTether = null,
        array $sources = [],
    ): self {
        $cite = static fn(string $figure): Citation => Source::OwnPractice->cite(
            isset($sources[$figure]) ? "{$name} ({$sources[$figure]})" : $name,
        );
        $own = static fn(string $figure, Bound $was, ?Length $value, ?bool $inclusive): Bound => $value === null && $inclusive === null
            ? $was
            : new Bound($value ?? $was->value, $inclusive ?? $was->inclusive, "practice:{$name}", [$cite($figure)]);
        $changed = array_filter([
            'movement' => $movement ?? $movementInclusive,
            'clip' => $clipDistance,
            'booster_from' => $boosterFrom,
            'booster_weight' => $boosterWeight,
            'anchors_forward' => $anchorsForward,
            'anchors_rear' => $anchorsRear,
            'no_tether' => $forwardWithoutTether,
        ], static fn(mixed $value): bool => $value !== null);

        return new self(
            $name,
            $own('movement', $this->movement, $movement, $movementInclusive),
            $own('clip', $this->clipDistance, $clipDistance, null),
            $anchorsForward ?? $this->anchorsForward,
            $anchorsRear ?? $this->anchorsRear,
            $this->anchorsMadeFrom,
            $forwardWithoutTether ?? $this->forwardWithoutTether,
            $boosterFrom ?? $this->boosterFrom,
            $boosterWeight ?? $this->boosterWeight,
            $this->accepted,
            array_map($cite, array_combine(array_keys($changed), array_keys($changed))) + $this->own,
        );
    }

    /** Where a figure that an organisation set itself is from; null: it is the practice's own. */
    public function sourceOf(string $figure): ?Citation
    {
        return $this->own[$figure] ?? null;
    }

    /** The source of the combined weight on lower anchors. */
    public static function anchorsSource(): Citation
    {
        return Source::AnchorWeight->cite();
    }
}
