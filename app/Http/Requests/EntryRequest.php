<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Track;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something entered on a check: its own id, the track it belongs to, and who enters it. */
abstract class EntryRequest extends FormRequest
{
    use BySomebody;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'track' => ['required', Rule::enum(Track::class)],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function track(): Track
    {
        return $this->enum('track', Track::class) ?? Track::Found;
    }

    /** The manual's page an answer was read from, or the family's reason. */
    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->trim()->toString() : null;
    }
}
