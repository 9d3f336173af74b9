<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who goes to which place. */
final class SeatFamilyRequest extends FormRequest
{
    use BySomebody;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'places' => ['required', 'array', 'max:10'],
            'places.*' => ['string', 'regex:/^[123][LCR]$/'],
        ];
    }

    /** @return array<string, string> letter => place */
    public function places(): array
    {
        $places = [];
        foreach ((array) $this->input('places') as $letter => $place) {
            if (is_string($place)) {
                $places[(string) $letter] = $place;
            }
        }

        return $places;
    }
}
