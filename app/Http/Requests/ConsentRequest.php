<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;

/** A consent: a name, or strokes on the glass. */
final class ConsentRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** Strokes of the pad alone: move and line, whole numbers of its box. */
    private const STROKES = 'regex:/\A(?:M\d{1,3} \d{1,3}(?: L\d{1,3} \d{1,3})+ ?){1,400}\z/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required_without:signature', 'nullable', 'string', 'max:80'],
            'signature' => ['nullable', 'string', 'max:40000', self::STROKES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => Telling::now()->word('consent.needed')];
    }

    public function named(): ?string
    {
        return $this->string('name')->trim()->toString() ?: null;
    }

    public function signature(): ?string
    {
        return $this->string('signature')->toString() ?: null;
    }
}
