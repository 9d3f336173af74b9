<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Track;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One answer to one fact. */
final class FactRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'track' => ['required', Rule::enum(Track::class)],
            'key' => ['required', 'string', 'max:120'],
            'answer' => ['nullable', 'string', 'max:2000'],
            'answers' => ['nullable', 'array', 'max:50'],
            'answers.*' => ['string', 'max:200'],
            'amount' => ['nullable', 'string', 'max:40'],
            'unit' => ['nullable', 'string', 'max:8'],
            'lines' => ['nullable', 'string', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }

    public function track(): Track
    {
        return $this->enum('track', Track::class) ?? Track::Found;
    }

    public function author(): User
    {
        $user = $this->user();
        assert($user instanceof User);

        return $user;
    }

    /** @return array<array-key, mixed> */
    public function posted(): array
    {
        return $this->only(['answer', 'answers', 'amount', 'unit', 'lines', 'name']);
    }
}
