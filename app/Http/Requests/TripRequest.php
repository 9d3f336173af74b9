<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Bus\Trip\TripOutcome;

/** What is entered on a trip's list: whose initials, and what was seen at which lines. */
final class TripRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'initials' => [Rule::requiredIf($this->route()?->getName() !== 'bus.trips.again'), 'string', 'regex:/\A\p{L}{1,4}\z/u'],
            'items' => ['nullable', 'array', 'max:300'],
            'items.*' => ['string', 'max:160'],
            'outcome' => [Rule::requiredIf($this->route()?->getName() === 'bus.trips.mark'), Rule::enum(TripOutcome::class)],
            'found' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'initials.*' => Telling::now()->word('refused.trip.initials'),
            'outcome.*' => Telling::now()->word('refused.trip.what'),
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function initials(): string
    {
        return mb_strtoupper($this->string('initials')->toString());
    }

    /** @return list<string> */
    public function items(): array
    {
        return array_values(array_filter((array) $this->input('items', []), is_string(...)));
    }

    public function outcome(): TripOutcome
    {
        return $this->enum('outcome', TripOutcome::class) ?? TripOutcome::Right;
    }

    public function found(): ?string
    {
        return $this->filled('found') ? $this->string('found')->toString() : null;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->trim()->toString() : null;
    }
}
