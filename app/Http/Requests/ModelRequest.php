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

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(SeatModel::KINDS)],
            'typed' => ['required', 'array', 'max:200'],
            'modes' => ['nullable', 'array', 'max:4'],
            'before' => ['nullable', 'integer'],
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
        $before = $this->filled('before') ? SeatModel::query()->find($this->integer('before')) : null;

        return ModelText::read(self::typedIn($this), $before?->rules);
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
