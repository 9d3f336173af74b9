<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\GoodPassword;
use App\Accounts\UseLink;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

/** A password, twice, and a PIN for signing on somebody else's device if one is wanted. */
final class WelcomeRequest extends FormRequest
{
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $token = $this->route('token');
        $person = is_string($token) ? resolve(UseLink::class)->whose($token) : null;

        return [
            'password' => ['required', 'string', 'max:200', 'confirmed', new GoodPassword($person->login ?? '')],
            'pin' => ['nullable', 'string', 'regex:/\A\d{4,8}\z/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.required' => Telling::now()->word('refused.password.short'),
            'password.confirmed' => Telling::now()->word('refused.password.other'),
            'pin.*' => Telling::now()->word('refused.password.pin'),
        ];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    public function pin(): ?string
    {
        return $this->filled('pin') ? $this->string('pin')->toString() : null;
    }
}
