<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

/** Who goes on at a shared device. */
final class PinRequest extends FormRequest
{
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['login' => ['required', 'string', 'max:80'], 'pin' => ['required', 'string', 'max:8']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'login.*' => Telling::now()->word('refused.person.who'),
            'pin.*' => Telling::now()->word('refused.wrong_pin'),
        ];
    }

    public function login(): string
    {
        return $this->string('login')->toString();
    }

    public function pin(): string
    {
        return $this->string('pin')->toString();
    }
}
