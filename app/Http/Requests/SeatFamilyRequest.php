<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Who goes to which place. */
final class SeatFamilyRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

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

    public function author(): User
    {
        $user = $this->user();
        assert($user instanceof User);

        return $user;
    }
}
