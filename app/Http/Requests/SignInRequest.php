<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['login' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'login.required' => Telling::now()->word('refused.sign_in.name'),
            'password.required' => Telling::now()->word('refused.sign_in.password'),
        ];
    }

    /** @return array{login: string, password: string} */
    public function credentials(): array
    {
        return ['login' => $this->string('login')->trim()->lower()->toString(), 'password' => $this->string('password')->toString()];
    }
}
