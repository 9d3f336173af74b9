<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Checks\JudgedCheck;
use App\Models\Check;
use App\Models\SeatModel;
use Illuminate\Support\Collection;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Catalogue\SeatInstead;
use MintBuckle\Core\Facts\Seat;

/** Seats that would fit this child in this car now, longest first: for a child without one, or whose own may not be used. */
final readonly class InsteadPage
{
    public Check $check;

    /** @var list<array{model: SeatModel, instead: SeatInstead}> */
    public array $seats;

    /** @param Collection<int, SeatModel> $models of the catalogue */
    public function __construct(JudgedCheck $judged, Collection $models)
    {
        $this->check = $judged->check;
        $seats = [];
        $offered = [];
        foreach ($models as $model) {
            $seats[] = $seat = SectionReader::read(Seat::class, $model->rules);
            $offered[spl_object_id($seat)] = $model;
        }
        $this->seats = array_map(
            static fn(SeatInstead $instead): array => ['model' => $offered[spl_object_id($instead->seat)], 'instead' => $instead],
            SeatInstead::among($judged->folded->case, $seats),
        );
    }

    /** The month in which it is likely outgrown; null where the growth charts end first. */
    public function until(SeatInstead $instead): ?PartialDate
    {
        return $instead->until === null ? null : PartialDate::parse($instead->until);
    }

    public function of(int $model): ?SeatInstead
    {
        foreach ($this->seats as $one) {
            if ($one['model']->id === $model) {
                return $one['instead'];
            }
        }

        return null;
    }
}
