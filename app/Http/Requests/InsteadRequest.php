<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which seat is given. */
final class InsteadRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['model' => ['required', 'integer'], 'ids' => ['required', 'array', 'size:3'], 'ids.*' => ['required', 'uuid', 'distinct']];
    }

    public function model(): int
    {
        return $this->integer('model');
    }

    /** @return array{string, string, string} ids of the entries */
    public function ids(): array
    {
        return [
            $this->string('ids.0')->toString(),
            $this->string('ids.1')->toString(),
            $this->string('ids.2')->toString(),
        ];
    }
}
