<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Record\InspectionPhase;

/** The lines of a list of looks that are as listed. */
final class LooksRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'phase' => ['required', Rule::enum(InspectionPhase::class)],
            'lines' => ['required', 'array', 'max:40'],
            'lines.*' => ['required', 'string', 'regex:/\A[a-z][a-z0-9_.]{2,80} [0-9a-f-]{36}\z/'],
        ];
    }

    public function phase(): InspectionPhase
    {
        return InspectionPhase::from($this->string('phase')->toString());
    }

    /** @return array<string, string> id of the entry by path */
    public function lines(): array
    {
        $lines = [];
        foreach ((array) $this->input('lines') as $line) {
            [$path, $id] = explode(' ', is_string($line) ? $line : ' ', 2);
            $lines[$path] = $id;
        }

        return $lines;
    }
}
