<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Events\LawFigure;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Facts\CrashPolicy;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Quantity\MassUnit;

/** An event as a coordinator plans it. */
final class EventRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    private const WORDED = [
        'name', 'place', 'held_on', 'opens_at', 'closes_at', 'timezone', 'bays', 'minutes_per_seat', 'expected_seats',
        'walk_in_share', 'practice_copy_id', 'crash_policy',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $law = [];
        foreach (LawFigure::cases() as $figure) {
            $law["law.{$figure->value}"] = $figure->rules();
            $law["law_sources.{$figure->value}"] = ["required_with:law.{$figure->value}", 'nullable', 'string', 'max:200'];
        }

        return [
            'name' => ['required', 'string', 'max:80'],
            'place' => ['nullable', 'string', 'max:120'],
            'held_on' => ['required', 'date_format:Y-m-d'],
            'opens_at' => ['nullable', 'required_with:closes_at', 'date_format:H:i'],
            'closes_at' => ['nullable', 'required_with:opens_at', 'date_format:H:i', 'after:opens_at'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'bays' => ['required', 'integer', 'between:1,60'],
            'minutes_per_seat' => ['required', 'integer', 'between:5,240'],
            'expected_seats' => ['nullable', 'integer', 'between:0,5000'],
            'walk_in_share' => ['nullable', 'integer', 'between:0,100'],
            'practice' => ['required', Rule::enum(PracticeCode::class)],
            'practice_copy_id' => [
                'bail', 'nullable', 'integer', 'between:1,9223372036854775807',
                Rule::exists('practice_copies', 'id')->where('base', $this->string('practice')->toString()),
            ],
            'crash_policy' => ['required', Rule::in(CrashPolicy::allowed($this->enum('practice', PracticeCode::class)))],
            'second_signer' => ['nullable', 'boolean'],
            'law' => ['nullable', 'array'],
            'law_sources' => ['nullable', 'array'],
            'weight_unit' => ['nullable', Rule::enum(MassUnit::class)],
            'crew' => ['nullable', 'array'],
            'crew.*' => ['integer'],
        ] + $law;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $words = ['law_sources.*.required_with' => Telling::now()->word('refused.event.law_source')];
        foreach (self::WORDED as $field) {
            $words["{$field}.*"] = Telling::now()->word("refused.event.{$field}");
        }

        return $words + ['law.*' => Telling::now()->word('refused.event.law')];
    }

    /** @return array<string, mixed> columns of the event */
    public function plan(): array
    {
        $text = fn(string $field): ?string => $this->string($field)->trim()->toString() ?: null;
        [$law, $sources] = [[], []];
        foreach (array_column(LawFigure::cases(), 'value') as $figure) {
            $law[$figure] = $text("law.{$figure}");
            $sources[$figure] = $law[$figure] === null ? null : $text("law_sources.{$figure}");
        }
        $unit = $this->enum('weight_unit', MassUnit::class) ?? MassUnit::Kilogram;

        return [
            'name' => (string) $text('name'),
            'place' => (string) $text('place'),
            'held_on' => $text('held_on'),
            'opens_at' => $text('opens_at'),
            'closes_at' => $text('closes_at'),
            'timezone' => $text('timezone'),
            'bays' => $this->integer('bays'),
            'minutes_per_seat' => $this->integer('minutes_per_seat'),
            'expected_seats' => $this->filled('expected_seats') ? $this->integer('expected_seats') : null,
            'walk_in_share' => $this->filled('walk_in_share') ? $this->integer('walk_in_share') : 30,
            'practice' => $text('practice'),
            'practice_copy_id' => $text('practice_copy_id') === null ? null : $this->integer('practice_copy_id'),
            'crash_policy' => $text('crash_policy'),
            'second_signer' => $this->boolean('second_signer'),
            'law_rear_facing_until_unit' => $law[LawFigure::RearWeight->value] === null ? null : $unit->symbol(),
            'law_sources' => array_filter($sources),
        ] + $law;
    }

    /** @return list<int> */
    public function crew(): array
    {
        $said = array_map(intval(...), array_filter((array) $this->input('crew', []), is_numeric(...)));

        return array_values(array_filter(User::maySign()->whereKey($said)->pluck('id')->all(), is_int(...)));
    }
}
