<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which seat is given. */
final class InsteadRequest extends FormRequest
{
    use BySomebody;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['model' => ['required', 'integer'], 'seat_id' => ['required', 'uuid'], 'setup_id' => ['required', 'uuid']];
    }

    public function model(): int
    {
        return $this->integer('model');
    }

    /** @return array{string, string} ids of the two entries */
    public function ids(): array
    {
        return [$this->string('seat_id')->toString(), $this->string('setup_id')->toString()];
    }
}
