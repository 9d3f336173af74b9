<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bookings\Wish;
use App\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a family says of itself beforehand: everything may be left out, somebody will ask. */
final class FamilyRequest extends FormRequest
{
    use ReadsText;

    private const CHILD = ['born_on', 'weight', 'height', 'maker', 'model', 'made_on'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'units' => ['required', Rule::enum(Units::class)],
            'vehicle' => ['nullable', 'string', 'max:120'],
            'model_year' => ['nullable', 'integer', 'between:1950,2150'],
            'children' => ['nullable', 'array', 'max:' . Wish::MOST_SEATS],
            'children.*' => ['array'],
            'children.*.*' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, mixed> as the arrival form takes it */
    public function arrival(): array
    {
        $children = [];
        for ($child = 0; $child < max(1, count((array) $this->input('children'))); $child++) {
            $said = [];
            foreach (self::CHILD as $field) {
                $said[$field] = $this->string("children.{$child}.{$field}")->trim()->toString();
            }
            $children[] = $said + ['seat' => $said['maker'] . $said['model'] === '' ? '' : ArrivalRequest::OTHER_SEAT];
        }

        return [
            'units' => $this->string('units')->toString(),
            'vehicle' => $this->string('vehicle')->trim()->toString(),
            'model_year' => $this->string('model_year')->toString(),
            'children' => $children,
        ];
    }
}
