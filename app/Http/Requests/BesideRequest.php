<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A word beside the facts: whether it holds, of what, and why. */
final class BesideRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'subject' => ['required', 'string', 'max:120', 'regex:/\A[\w.\/ -]+\z/'],
            'holds' => ['required', 'boolean'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function subject(): string
    {
        return $this->string('subject')->toString();
    }

    public function holds(): bool
    {
        return $this->boolean('holds');
    }
}
