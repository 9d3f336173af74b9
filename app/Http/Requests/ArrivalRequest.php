<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CheckupEvent;
use App\Models\VehicleLayout;
use App\Units;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Visits\ChildReader;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Telling\Message;

/** The arrival screen. Whether dates and measures make sense is asked of the core's reader. */
final class ArrivalRequest extends FormRequest
{
    use AsWritten;
    use BySomebody;
    use ReadsText;

    /** A seat that is not in the catalogue: its label is read by hand. */
    public const OTHER_SEAT = 'other';

    /** The child came without one. */
    public const NO_SEAT = 'none';

    private const FIELDS = [
        'child.born_on' => 'born_on',
        'child.due_on' => 'born_on',
        'child.weight' => 'weight',
        'child.height' => 'height',
        'seat.made_on' => 'made_on',
        'setup.position' => 'position',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'submission' => ['required', 'uuid'],
            'booking' => ['nullable', 'uuid'],
            'units' => ['required', Rule::enum(Units::class)],
            'first_name' => ['required', 'string', 'max:80'],
            'contact' => ['nullable', 'string', 'max:200'],
            'consent' => ['accepted'],
            'language' => ['nullable', Rule::in(array_keys(resolve(Languages::class)->names()))],
            'vehicle' => [Rule::requiredIf(fn(): bool => $this->layout()?->isShape() ?? true), 'nullable', 'string', 'max:120'],
            'model_year' => ['nullable', 'integer', 'between:1950,2150'],
            'layout' => ['required', 'integer', Rule::exists('vehicle_layouts', 'id')],
            'children' => ['required', 'array', 'min:1', 'max:6'],
            'children.*.born_on' => ['nullable', 'string', 'max:40', self::labelDate(...)],
            'children.*.weight' => ['nullable', 'string', 'max:20', self::amount(...)],
            'children.*.height' => ['nullable', 'string', 'max:20', self::amount(...)],
            'children.*.sex' => ['nullable', Rule::in(['f', 'm'])],
            'children.*.seat' => ['required', 'string', 'max:20'],
            'children.*.maker' => ['nullable', 'string', 'max:80', 'required_if:children.*.seat,' . self::OTHER_SEAT],
            'children.*.model' => ['nullable', 'string', 'max:80'],
            'children.*.serial' => ['nullable', 'string', 'max:80'],
            'children.*.made_on' => ['nullable', 'string', 'max:40', self::labelDate(...)],
            'children.*.mode' => ['nullable', 'required_unless:children.*.seat,' . self::NO_SEAT, Rule::enum(ModeName::class)],
            'children.*.position' => ['required', 'regex:/^[123][LCR]$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'units' => Telling::now()->word('refused.arrive.units'),
            'first_name.required' => Telling::now()->word('refused.arrive.first_name'),
            'consent.accepted' => Telling::now()->word('refused.arrive.consent'),
            'vehicle' => Telling::now()->word('refused.arrive.vehicle'),
            'layout.required' => Telling::now()->word('refused.arrive.layout'),
            'children.*.seat.required' => Telling::now()->word('refused.arrive.seat'),
            'children.*.maker.required_if' => Telling::now()->word('refused.arrive.maker'),
            'children.*.mode.required_unless' => Telling::now()->word('refused.arrive.mode'),
            'children.*.position.required' => Telling::now()->word('refused.arrive.position'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $arrival = $this->toInput();
            foreach ($arrival->children as $index => $child) {
                foreach (self::problems($arrival, $child) as $problem) {
                    $field = self::FIELDS[$problem->path] ?? 'seat';
                    $validator->errors()->add(
                        "children.{$index}.{$field}",
                        Telling::now()->says(new Message('refused.at_field', ['problem' => $problem->told()])),
                    );
                }
            }
        }];
    }

    /** Of a family that had booked. */
    public function booking(): ?string
    {
        return $this->filled('booking') ? $this->string('booking')->toString() : null;
    }

    public function toInput(): Arrival
    {
        $car = $this->layout();
        assert($car !== null);

        return new Arrival(
            $this->string('submission')->toString(),
            $this->string('first_name')->trim()->toString(),
            $this->filled('contact') ? $this->string('contact')->trim()->toString() : null,
            $car->isShape() ? $this->string('vehicle')->trim()->toString() : $car->carName(),
            $this->filled('model_year') ? $this->integer('model_year') : $car->modelYear(),
            $car,
            array_map($this->child(...), array_values(array_filter((array) $this->input('children'), is_array(...)))),
            $this->filled('language') ? $this->string('language')->toString() : app()->getLocale(),
        );
    }

    private function layout(): ?VehicleLayout
    {
        return once(fn(): ?VehicleLayout => VehicleLayout::query()->find($this->integer('layout')));
    }

    /** @param array<array-key, mixed> $given */
    private function child(array $given): ArrivingChild
    {
        return (new ChildReader($this->enum('units', Units::class) ?? Units::Metric, CheckupEvent::current()))->read($given);
    }
}
