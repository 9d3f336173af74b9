<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Fact;
use App\Models\SeatModel;
use App\Units;
use Illuminate\Support\Collection;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Catalogue\AboutModel;
use MintBuckle\Core\Catalogue\FieldRows;
use MintBuckle\Core\Catalogue\LimitRows;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Catalogue\SeatKind;
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
     * @param SeatKind|null $kind null: not said yet
     * @param array<string, mixed> $about what its manual says besides
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
        public ?SeatKind $kind = null,
        public array $about = [],
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
            SeatKind::tryFrom($model->kind),
            $model->about,
        );
    }

    /** With the ways of riding that such a seat usually has. */
    public static function blank(?SeatKind $kind, Units $units): self
    {
        $modes = array_map(static fn(ModeName $mode): string => $mode->value, $kind?->modes() ?? []);

        return new self(null, [], $modes, new stdClass(), $units, new Collection(), new Collection(), $kind);
    }

    /**
     * The fields of a heading, or of a way of riding: those that most manuals of such a seat give, and the others.
     *
     * @param list<ModelField> $fields
     * @return array{list<ModelField>, list<ModelField>}
     */
    public function inTurn(array $fields): array
    {
        $first = array_filter($fields, fn(ModelField $field): bool => $this->kind?->usuallySays($field) ?? true);

        return [array_values($first), array_values(array_diff_key($fields, $first))];
    }

    /** What a check has told of its seat; what belongs to that one seat alone is left out. */
    /**
     * Whether one of these fields is said, or was refused: then they are not folded away.
     *
     * @param list<ModelField> $fields
     * @param array<array-key, string> $refused keys of the form
     */
    public function isSaid(array $fields, array $refused): bool
    {
        return array_filter($fields, fn(ModelField $field): bool => isset($this->typed[$field->path])
            || in_array('typed.' . str_replace('.', '-', $field->path), $refused, true)) !== [];
    }

    /** @return list<string> what a figure of the field is told in, the reader's first */
    public function unitsOf(ModelField $field): array
    {
        $units = $field->kind->units();
        $own = $this->units === Units::Metric ? array_values(array_intersect(['kg', 'cm'], $units)) : [];

        return array_values(array_unique([...$own, ...$units]));
    }

    /**
     * @param mixed $sent what came back refused
     * @return list<array<string, string>> by column of LimitRows, and a spare one where the limit depends on something already
     */
    public function limitRows(mixed $sent, string $said): array
    {
        $rows = LimitRows::of(is_array($sent) ? LimitRows::text($sent) : $said);
        $depends = count($rows) > 1 || $rows[0]['held'] . $rows[0]['from'] . $rows[0]['to'] !== '';

        return $depends ? [...$rows, ...LimitRows::of('')] : $rows;
    }

    /**
     * @param mixed $sent what came back refused
     * @return list<array<string, string>> with a spare one
     */
    public function rows(ModelField $field, mixed $sent, string $said): array
    {
        $text = is_array($sent) ? FieldRows::text($field->kind, $sent) : $said;

        return [...FieldRows::of($field->kind, $text), []];
    }

    /**
     * @param mixed $sent what came back refused
     * @return list<array{name: string, essential: bool}> with a spare one
     */
    public function parts(mixed $sent): array
    {
        $parts = AboutModel::read(['parts' => is_array($sent) ? $sent : $this->about['parts'] ?? []])->said['parts'] ?? [];

        return [...$parts, ['name' => '', 'essential' => false]];
    }

    public static function offered(stdClass $case, ?SeatKind $kind, Units $units): self
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
            $kind,
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
