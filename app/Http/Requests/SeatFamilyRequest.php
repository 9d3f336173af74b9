<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who goes to which place. */
final class SeatFamilyRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'places' => ['required', 'array', 'max:10'],
            'places.*' => ['string', 'regex:/^[123][LCR]$/'],
        ];
    }

    /** Made by the form, so that one sent twice is kept once. */
    public function id(): string
    {
        return $this->string('id')->toString();
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
