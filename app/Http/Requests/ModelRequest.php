<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Catalogue\ModelText;

/** A seat model as it was typed from its manual. */
final class ModelRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(SeatModel::KINDS)],
            'typed' => ['required', 'array', 'max:200'],
            'modes' => ['nullable', 'array', 'max:4'],
            'before' => ['nullable', 'integer', 'between:1,9223372036854775807'],
            'seen' => ['nullable', 'integer', 'between:1,9223372036854775807'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->model()->problems as $path => $problem) {
                $validator->errors()->add('typed.' . str_replace('.', '-', $path), Telling::now()->says($problem));
            }
        }];
    }

    public function model(): ModelText
    {
        return ModelText::read(self::typedIn($this), $this->before()?->rules);
    }

    /** The version whose rules the form began with. */
    public function before(): ?SeatModel
    {
        return $this->filled('before') ? SeatModel::query()->find($this->integer('before')) : null;
    }

    /** The latest version that whoever typed this has been shown. */
    public function seen(): ?int
    {
        return $this->filled('seen') ? $this->integer('seen') : null;
    }

    /** @return array<string, mixed> by path; a field's name has strokes for dots, which PHP would take for something else */
    public static function typedIn(Request $request): array
    {
        $typed = [ModelText::MODES => (array) $request->input('modes', [])];
        foreach ((array) $request->input('typed', []) as $name => $text) {
            $typed[str_replace('-', '.', (string) $name)] = $text;
        }

        return $typed;
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }
}
