<?php

declare(strict_types=1);

namespace App\Checks;

use App\Units;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Felt;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Present\Drawing\BeltRoute;
use MintBuckle\Present\Drawing\BenchView;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\CarAbove;
use MintBuckle\Present\Drawing\LabelRuler;
use MintBuckle\Present\Drawing\ModePlane;
use MintBuckle\Present\Drawing\MovementGauge;
use MintBuckle\Present\Drawing\SeatParts;
use MintBuckle\Present\Drawing\SeatSide;
use stdClass;

/** The stations' drawings of one phase. As it was found nothing leads: what would be right shows once something was recorded. */
final readonly class CheckDrawings
{
    private bool $lead;

    public function __construct(public AssessmentContext $situation, InspectionPhase $phase, private Units $units, private FactLog $facts)
    {
        $this->lead = $phase === InspectionPhase::Left;
    }

    public function label(): LabelRuler
    {
        return LabelRuler::of($this->situation->case);
    }

    public function parts(): SeatParts
    {
        return SeatParts::of($this->situation);
    }

    public function plane(): ModePlane
    {
        return ModePlane::of(
            $this->situation,
            $this->units === Units::Imperial ? MassUnit::Pound : MassUnit::Kilogram,
            $this->units->tall(),
        );
    }

    public function car(): CarAbove
    {
        return CarAbove::of($this->situation);
    }

    public function route(): BeltRoute
    {
        return BeltRoute::of($this->situation);
    }

    public function side(): SeatSide
    {
        return SeatSide::of($this->situation, $this->units->length(), $this->lead);
    }

    public function bench(): BenchView
    {
        return BenchView::of($this->situation);
    }

    public function front(): BuckleFront
    {
        return BuckleFront::of($this->situation, $this->units->length(), $this->lead);
    }

    public function gauge(): MovementGauge
    {
        $tries = [];
        foreach (['side', 'front', 'up'] as $direction) {
            $tries[$direction] = array_map(
                self::tried(...),
                $this->facts->given("setup.movement.{$direction}", "setup.movement.{$direction}_felt"),
            );
        }

        return MovementGauge::of(
            $tries['up'] === [] ? ['side' => $tries['side'], 'front' => $tries['front']] : $tries,
            MovementLimit::shown($this->situation),
            $this->units->length(),
        );
    }

    private static function tried(LoggedFact $try): Length|Felt
    {
        $measured = $try->value();
        if (! $measured instanceof stdClass) {
            return Felt::from(is_string($measured) ? $measured : '');
        }
        $unit = is_string($measured->unit ?? null) ? LengthUnit::from($measured->unit) : LengthUnit::Millimetre;

        return Length::of(json_encode($measured->value ?? 0, JSON_THROW_ON_ERROR), $unit);
    }
}
