<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bookings\Wish;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A family that wants a time. */
final class BookingRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'time' => ['required', 'date_format:H:i'],
            'first_name' => ['required', 'string', 'max:80'],
            'contact' => ['nullable', 'string', 'max:200'],
            'seats' => ['required', 'integer', 'between:1,' . Wish::MOST_SEATS],
            'language' => ['required', Rule::in(array_keys(resolve(Languages::class)->names()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'time.*' => Telling::now()->word('refused.booking.time'),
            'first_name.*' => Telling::now()->word('refused.booking.name'),
            'contact.*' => Telling::now()->word('refused.booking.contact'),
            'seats.*' => Telling::now()->word('refused.booking.seats'),
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function wish(): Wish
    {
        return new Wish(
            $this->string('time')->toString(),
            $this->string('first_name')->trim()->toString(),
            $this->string('contact')->trim()->toString() ?: null,
            $this->integer('seats'),
            $this->string('language')->toString(),
        );
    }
}
