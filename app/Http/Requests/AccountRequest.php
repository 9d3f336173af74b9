<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\GoodPassword;
use App\Accounts\SignIn;
use App\Words\Telling;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody changes of their own account. Whoever changes a secret says the one of now first. */
final class AccountRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200', $this->isTheirs(...)],
            'password' => ['nullable', 'string', 'max:200', 'confirmed', new GoodPassword($this->author()->login)],
            'pin' => ['nullable', 'string', 'regex:/\A\d{4,8}\z/'],
            'code' => [Rule::requiredIf($this->routeIs('account.second.confirm')), 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.required' => Telling::now()->word('refused.password.current'),
            'password.confirmed' => Telling::now()->word('refused.password.other'),
            'pin.*' => Telling::now()->word('refused.password.pin'),
            'code.required' => Telling::now()->word('refused.sign_in.code'),
        ];
    }

    /** @return array<string, string> what was filled in */
    public function changed(): array
    {
        return array_filter([
            'password' => $this->string('password')->toString(),
            'pin' => $this->string('pin')->toString(),
        ], static fn(string $typed): bool => $typed !== '');
    }

    public function code(): string
    {
        return $this->string('code')->trim()->toString();
    }

    private function isTheirs(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! SignIn::belongs($value, $this->author()->password)) {
            $fail(Telling::now()->word('refused.password.current'));
        }
    }
}
