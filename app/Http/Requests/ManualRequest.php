<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Rules of a seat as they stand on its label and in its manual; what was left blank is not said. */
final class ManualRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'f' => ['required', 'array', 'max:20'],
            'f.*' => ['array', 'max:8'],
            'ids' => ['required', 'array', 'max:20'],
            'ids.*' => ['uuid'],
        ];
    }

    /** @return array<string, array<array-key, mixed>> what was typed, by path */
    public function typed(): array
    {
        $typed = [];
        foreach ((array) $this->input('f') as $path => $answer) {
            $said = array_filter(
                array_diff_key((array) $answer, ['unit' => true]),
                static fn(mixed $text): bool => $text !== '' && $text !== null && $text !== [],
            );
            if ($said !== []) {
                $typed[(string) $path] = (array) $answer;
            }
        }

        return $typed;
    }

    /** @return array<string, array{string, array<array-key, mixed>}> with the id of each entry */
    public function entries(): array
    {
        $ids = array_filter((array) $this->input('ids'), is_string(...));
        $entries = [];
        foreach ($this->typed() as $path => $answer) {
            if (isset($ids[$path])) {
                $entries[$path] = [$ids[$path], $answer];
            }
        }

        return $entries;
    }
}
