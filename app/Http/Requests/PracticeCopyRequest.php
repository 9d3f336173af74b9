<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeCopy;
use App\Words\Telling;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Schools\OwnFigures;

/** An organisation's own figures as a coordinator types them. */
final class PracticeCopyRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $copy = $this->route('copy');

        return [
            'name' => [
                'required', 'string', 'regex:/\A[a-z][a-z0-9]{1,19}\z/', Rule::notIn(array_column(PracticeCode::cases(), 'value')),
                Rule::unique('practice_copies')->ignore($copy instanceof PracticeCopy ? $copy->id : null),
            ],
            'base' => ['required', Rule::enum(PracticeCode::class)],
            'figures' => ['nullable', 'array'],
            'sources' => ['nullable', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => Telling::now()->word('own_practice.wrong.name'), 'base.*' => Telling::now()->word('own_practice.wrong.base')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->own()->problems as $figure => $problem) {
                $validator->errors()->add("figures.{$figure}", Telling::now()->says($problem));
            }
        }];
    }

    public function named(): string
    {
        return $this->string('name')->toString();
    }

    public function base(): PracticeCode
    {
        return $this->enum('base', PracticeCode::class) ?? PracticeCode::Us;
    }

    public function own(): OwnFigures
    {
        return OwnFigures::read($this->base(), (array) $this->input('figures', []), (array) $this->input('sources', []));
    }
}
