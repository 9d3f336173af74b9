<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

/** What an organisation is to be called. */
final class OrganisationRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['organisation' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['organisation.*' => Telling::now()->word('refused.person.organisation')];
    }

    public function called(): string
    {
        return $this->string('organisation')->trim()->toString();
    }
}
