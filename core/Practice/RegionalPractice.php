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
     */
    public function changed(
        string $name,
        ?Length $movement = null,
        ?bool $movementInclusive = null,
        ?Length $clipDistance = null,
        ?Months $boosterFrom = null,
        ?Mass $boosterWeight = null,
    ): self {
        $own = static fn(Bound $was, ?Length $value, ?bool $inclusive): Bound => $value === null && $inclusive === null
            ? $was
            : new Bound($value ?? $was->value, $inclusive ?? $was->inclusive, "practice:{$name}", [Source::OwnPractice->cite($name)]);

        return new self(
            $name,
            $own($this->movement, $movement, $movementInclusive),
            $own($this->clipDistance, $clipDistance, null),
            $this->anchorsForward,
            $this->anchorsRear,
            $this->anchorsMadeFrom,
            $this->forwardWithoutTether,
            $boosterFrom ?? $this->boosterFrom,
            $boosterWeight ?? $this->boosterWeight,
            $this->accepted,
        );
    }

    /** The source of the combined weight on lower anchors. */
    public static function anchorsSource(): Citation
    {
        return Source::AnchorWeight->cite();
    }
}
