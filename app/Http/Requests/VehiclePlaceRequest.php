<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is seen at a place of the car, or which arrangement of places it has. */
final class VehiclePlaceRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'field' => ['nullable', 'string', 'max:60'], 'layout' => ['nullable', 'integer']];
    }

    /** Made by the form, so that one sent twice is kept once. */
    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function field(): string
    {
        return $this->string('field')->toString();
    }
}
