<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One of the languages there are. */
final class LanguageRequest extends FormRequest
{
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(Languages $languages): array
    {
        return ['language' => ['required', Rule::in(array_keys($languages->names()))]];
    }

    public function language(): string
    {
        return $this->string('language')->toString();
    }
}
