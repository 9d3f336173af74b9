<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Catalogue\AboutModel;
use MintBuckle\Core\Catalogue\FieldRows;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Catalogue\SeatKind;

/** A seat model as it was typed from its manual. */
final class ModelRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(SeatKind::values())],
            'typed' => ['required', 'array', 'max:200'],
            'rows' => ['nullable', 'array', 'max:200'],
            'rows.*' => ['array', 'max:40'],
            'take' => ['nullable', 'array', 'max:200'],
            'about' => ['nullable', 'array'],
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
            foreach ($this->read()->problems as $key => $problem) {
                $validator->errors()->add("about.{$key}", Telling::now()->says($problem));
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

    /** @return array<string, mixed> */
    public function about(): array
    {
        return $this->read()->said;
    }

    private function read(): AboutModel
    {
        return AboutModel::read((array) $this->input('about', []));
    }

    /** @return array<string, mixed> by path; a field's name has strokes for dots, which PHP would take for something else */
    public static function typedIn(Request $request): array
    {
        $typed = [ModelText::MODES => (array) $request->input('modes', [])];
        foreach ((array) $request->input('typed', []) as $name => $text) {
            // Ticks of one field come as a list.
            $typed[str_replace('-', '.', (string) $name)] = is_array($text)
                ? implode(', ', array_filter($text, static fn(mixed $one): bool => is_string($one) && $one !== ''))
                : $text;
        }
        foreach ((array) $request->input('rows', []) as $name => $rows) {
            $field = ModelFields::at(str_replace('-', '.', (string) $name));
            if ($field !== null && is_array($rows)) {
                $typed[$field->path] = FieldRows::text($field->kind, $rows);
            }
        }

        return self::taken($request, $typed);
    }

    /**
     * Of what somebody else published meanwhile, what the second of two savers takes over.
     *
     * @param array<string, mixed> $typed
     * @return array<string, mixed>
     */
    private static function taken(Request $request, array $typed): array
    {
        $theirs = array_keys((array) $request->input('take', []), 'theirs', true);
        $newer = $theirs === [] ? null : SeatModel::query()->find($request->integer('seen'));
        $said = $newer === null ? [] : ModelText::show($newer->rules);
        foreach ($newer === null ? [] : $theirs as $name) {
            $path = str_replace('-', '.', (string) $name);
            $typed[$path] = $path === ModelText::MODES ? array_keys((array) ($newer->rules->modes ?? [])) : $said[$path] ?? '';
        }

        return $typed;
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }
}
