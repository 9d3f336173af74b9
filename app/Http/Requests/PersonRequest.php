<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Role;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody who is let in, or whose role changes. */
final class PersonRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isNew = $this->routeIs('people.store');

        return $this->routeIs('people.link') ? [] : [
            'name' => [Rule::requiredIf($isNew), 'string', 'max:80'],
            'login' => [Rule::requiredIf($isNew), 'string', 'max:40', 'regex:/\A[a-z0-9][a-z0-9._-]*\z/'],
            'role' => ['required', Rule::enum(Role::class)],
            'certified_until' => ['nullable', 'date_format:Y-m-d'],
            'closed' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Telling::now()->word('refused.person.name'),
            'login.*' => Telling::now()->word('refused.person.login'),
            'role.*' => Telling::now()->word('refused.person.role'),
            'certified_until.*' => Telling::now()->word('refused.person.certified'),
        ];
    }

    /** @return array<string, mixed> */
    public function invited(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'login' => $this->string('login')->toString(),
            'language' => app()->getLocale(),
        ] + $this->role();
    }

    /** @return array<string, mixed> */
    public function changed(): array
    {
        return $this->role() + ['closed_at' => $this->boolean('closed') ? now() : null];
    }

    /** @return array<string, mixed> */
    private function role(): array
    {
        return [
            'role' => $this->enum('role', Role::class),
            'certified_until' => $this->filled('certified_until') ? $this->string('certified_until')->toString() : null,
        ];
    }
}
