<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Who works on a family from now on: who was chosen, else whoever presses. */
final class BayRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['technician' => ['nullable', 'integer'], 'id' => ['nullable', 'uuid']];
    }

    public function technician(): User
    {
        $chosen = $this->filled('technician') ? User::mayRecord()->find($this->integer('technician')) : null;

        return $chosen ?? $this->author();
    }

    /** Of a hand-over, by which it is known when it is sent twice. */
    public function id(): string
    {
        return $this->string('id')->toString() ?: (string) \Illuminate\Support\Str::uuid7();
    }
}
