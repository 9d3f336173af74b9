<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Fact;
use App\Models\SeatModel;
use App\Units;
use Illuminate\Support\Collection;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\Setup;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Present\Drawing\BuckleFront;
use MintBuckle\Present\Drawing\ModePlane;
use stdClass;

/** A seat model as it stands in the catalogue or grows in the form, drawn as far as its rules go. */
final readonly class SeatModelPage
{
    private Seat $seat;

    /**
     * @param array<string, string> $typed by path
     * @param list<string> $modes that the seat has
     * @param Collection<int, SeatModel> $versions latest first
     * @param Collection<int, Fact> $corrections the seat's own figures that were entered at cars, with the manual's page
     */
    private function __construct(
        public ?SeatModel $model,
        public array $typed,
        public array $modes,
        stdClass $rules,
        public Units $units,
        public Collection $versions,
        public Collection $corrections,
    ) {
        // What cannot be read yet is left out of the drawing; the form names it.
        $this->seat = SectionReader::read(Seat::class, $rules);
    }

    /**
     * @param Collection<int, SeatModel> $versions
     * @param Collection<int, Fact> $corrections
     */
    public static function of(SeatModel $model, Units $units, Collection $versions, Collection $corrections): self
    {
        return new self(
            $model,
            ModelText::show($model->rules),
            array_keys((array) ($model->rules->modes ?? [])),
            $model->rules,
            $units,
            $versions,
            $corrections,
        );
    }

    public static function blank(Units $units): self
    {
        return new self(null, [], [], new stdClass(), $units, new Collection(), new Collection());
    }

    /** What a check has told of its seat; what belongs to that one seat alone is left out. */
    public static function offered(stdClass $case, Units $units): self
    {
        $seat = ($case->seat ?? null) instanceof stdClass ? get_object_vars($case->seat) : [];
        $rules = (object) array_diff_key($seat, array_flip(TakeModel::OWN));

        return new self(
            null,
            ModelText::show($rules),
            array_keys((array) ($rules->modes ?? [])),
            $rules,
            $units,
            new Collection(),
            new Collection(),
        );
    }

    public static function growing(ModelText $text, Units $units): self
    {
        return new self(
            null,
            [],
            array_keys((array) ($text->rules->modes ?? [])),
            $text->rules,
            $units,
            new Collection(),
            new Collection(),
        );
    }

    public function plane(): ModePlane
    {
        return ModePlane::of(
            $this->situation(null),
            $this->units === Units::Metric ? MassUnit::Kilogram : MassUnit::Pound,
            $this->units->tall(),
        );
    }

    /** The slots to scale; null for a seat without any. */
    public function slots(): ?BuckleFront
    {
        $harness = array_values(array_filter($this->modes, static fn(string $m): bool => ModeName::tryFrom($m)?->hasHarness() === true));

        return $harness === [] || ($this->seat->slots ?? []) === []
            ? null
            : BuckleFront::of($this->situation(ModeName::from($harness[0])), lead: false);
    }

    private function situation(?ModeName $mode): AssessmentContext
    {
        return new AssessmentContext(new CaseFile(
            today: CalendarDate::of(2026, 1, 1),
            practice: PracticeCode::Us,
            child: new Child(),
            seat: $this->seat,
            setup: $mode === null ? null : new Setup(mode: $mode),
        ));
    }
}
