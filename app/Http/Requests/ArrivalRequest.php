<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Checks\AnswerReader;
use App\Checks\AssembleCase;
use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use App\Models\VehicleLayout;
use App\Units;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Written\WrittenMeasure;
use stdClass;

/** The arrival screen. Whether dates and measures make sense is asked of the core's reader. */
final class ArrivalRequest extends FormRequest
{
    use BySomebody;

    /** A seat that is not in the catalogue: its label is read by hand. */
    public const OTHER_SEAT = 'other';

    private const FIELDS = [
        'child.born_on' => 'born_on',
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
            'units' => ['required', Rule::enum(Units::class)],
            'first_name' => ['required', 'string', 'max:80'],
            'contact' => ['nullable', 'string', 'max:200'],
            'consent' => ['accepted'],
            'language' => ['nullable', Rule::in(array_keys(resolve(Languages::class)->names()))],
            'vehicle' => ['required', 'string', 'max:120'],
            'model_year' => ['nullable', 'integer', 'between:1950,2150'],
            'layout' => ['required', 'integer', Rule::exists('vehicle_layouts', 'id')],
            'children' => ['required', 'array', 'min:1', 'max:6'],
            'children.*.born_on' => ['nullable', 'date_format:Y-m-d'],
            'children.*.weight' => ['nullable', 'string', 'max:20', self::amount(...)],
            'children.*.height' => ['nullable', 'string', 'max:20', self::amount(...)],
            'children.*.sex' => ['nullable', Rule::in(['f', 'm'])],
            'children.*.seat' => ['required', 'string', 'max:20'],
            'children.*.maker' => ['nullable', 'string', 'max:80', 'required_if:children.*.seat,' . self::OTHER_SEAT],
            'children.*.model' => ['nullable', 'string', 'max:80'],
            'children.*.made_on' => ['nullable', 'string', 'max:40', self::labelDate(...)],
            'children.*.mode' => ['required', Rule::enum(ModeName::class)],
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
            'vehicle.required' => Telling::now()->word('refused.arrive.vehicle'),
            'layout.required' => Telling::now()->word('refused.arrive.layout'),
            'children.*.seat.required' => Telling::now()->word('refused.arrive.seat'),
            'children.*.maker.required_if' => Telling::now()->word('refused.arrive.maker'),
            'children.*.mode.required' => Telling::now()->word('refused.arrive.mode'),
            'children.*.position.required' => Telling::now()->word('refused.arrive.position'),
            'children.*.born_on.date_format' => Telling::now()->word('refused.arrive.born_on'),
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

    public function toInput(): Arrival
    {
        return new Arrival(
            $this->string('submission')->toString(),
            $this->string('first_name')->trim()->toString(),
            $this->filled('contact') ? $this->string('contact')->trim()->toString() : null,
            $this->string('vehicle')->trim()->toString(),
            $this->filled('model_year') ? $this->integer('model_year') : null,
            VehicleLayout::query()->findOrFail($this->integer('layout'))->positions,
            array_map($this->child(...), array_values(array_filter((array) $this->input('children'), is_array(...)))),
            $this->filled('language') ? $this->string('language')->toString() : app()->getLocale(),
        );
    }

    /** @param array<array-key, mixed> $given */
    private function child(array $given): ArrivingChild
    {
        $text = static fn(string $key): ?string => is_string($given[$key] ?? null) && trim($given[$key]) !== '' ? trim($given[$key]) : null;
        $model = ctype_digit((string) $text('seat')) ? SeatModel::query()->find((int) $text('seat')) : null;
        $facts = [
            'child.born_on' => $text('born_on'),
            'child.weight' => $this->measured($text('weight'), AnswerKind::Mass),
            'child.height' => $this->measured($text('height'), AnswerKind::Length),
            'child.sex' => $text('sex'),
            'seat' => $model->rules ?? self::byHand($text('maker'), $text('model'), (string) $text('mode')),
            'seat.made_on' => $text('made_on') === null ? null : AnswerReader::date($text('made_on')),
            'setup.mode' => $text('mode'),
            'setup.position' => $text('position'),
        ];

        return new ArrivingChild($model, array_filter($facts, static fn(mixed $fact): bool => $fact !== null));
    }

    /** @return array{value: int|float, unit: string}|null in the units the form was shown in, whatever the cookie says by now */
    private function measured(?string $text, AnswerKind $kind): ?array
    {
        $measure = $text === null ? null : self::written($text);

        return $measure === null ? null : [
            'value' => $measure->value,
            'unit' => $measure->unit ?? (string) $this->enum('units', Units::class)?->for($kind)?->symbol(),
        ];
    }

    private static function byHand(?string $maker, ?string $model, string $mode): stdClass
    {
        return (object) [
            'maker' => $maker,
            'model' => $model,
            'modes' => ModeName::tryFrom($mode)?->hasSeat() === false ? null : (object) [$mode => new stdClass()],
        ];
    }

    /** @return list<Problem> */
    private static function problems(Arrival $arrival, ArrivingChild $child): array
    {
        $case = AssembleCase::begin(CheckupEvent::current());
        $vehicle = ['vehicle' => ['model_year' => $arrival->modelYear, 'positions' => $arrival->positions]];
        foreach ($vehicle + $child->facts as $key => $value) {
            CasePath::set($case, $key, FactLog::asKept($value));
        }
        try {
            Reader::fromObject($case);
        } catch (InvalidCase $e) {
            return $e->problems;
        }

        return [];
    }

    /** @param callable(string): void $fail */
    private static function amount(string $attribute, mixed $value, callable $fail): void
    {
        if (is_string($value) && self::written($value) === null) {
            $fail(Telling::now()->tell(new Message('refused.no_measure', ['text' => $value])));
        }
    }

    private static function written(string $text): ?WrittenMeasure
    {
        return WrittenMeasure::read($text, resolve(Languages::class)->written()->units);
    }

    /** @param callable(string): void $fail */
    private static function labelDate(string $attribute, mixed $value, callable $fail): void
    {
        try {
            AnswerReader::date(is_string($value) ? trim($value) : '');
        } catch (UnreadableAnswer $e) {
            $fail($e->getMessage());
        }
    }
}
