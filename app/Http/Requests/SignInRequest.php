<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    use ReadsText;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->routeIs('sessions.confirm')
            ? ['code' => ['required', 'string', 'max:40']]
            : ['login' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'login.required' => Telling::now()->word('refused.sign_in.name'),
            'password.required' => Telling::now()->word('refused.sign_in.password'),
            'code.required' => Telling::now()->word('refused.sign_in.code'),
        ];
    }

    public function login(): string
    {
        return $this->string('login')->trim()->lower()->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    public function code(): string
    {
        return $this->string('code')->trim()->toString();
    }
}
