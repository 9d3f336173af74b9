<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\CaseFile\HeldBy;

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
            'held_by' => ['nullable', 'array', 'max:10'],
            'held_by.*' => [Rule::enum(HeldBy::class)],
        ];
    }

    /** @return array<string, string> letter => place */
    public function places(): array
    {
        return self::texts($this->input('places'));
    }

    /** @return array<string, string> */
    public function heldBy(): array
    {
        return self::texts($this->input('held_by'));
    }

    public function author(): User
    {
        $user = $this->user();
        assert($user instanceof User);

        return $user;
    }

    /** @return array<string, string> */
    private static function texts(mixed $given): array
    {
        $texts = [];
        foreach ((array) $given as $letter => $text) {
            if (is_string($text)) {
                $texts[(string) $letter] = $text;
            }
        }

        return $texts;
    }
}
