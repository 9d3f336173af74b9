<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use MintBuckle\Core\Card\ShownHow;

/** A word beside the facts: whether it holds, of what, and why. */
final class BesideRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'subject' => ['required', 'string', 'max:120', 'regex:/\A[\w.\/ -]+\z/'],
            'holds' => ['required_without:how', 'boolean'],
            'how' => ['nullable', Rule::enum(ShownHow::class)],
            'adult' => ['nullable', 'integer', 'between:1,4'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function subject(): string
    {
        return $this->string('subject')->toString();
    }

    public function holds(): bool
    {
        return $this->how() !== null || $this->boolean('holds');
    }

    /** How a step of the card was done, where that is told. */
    public function how(): ?ShownHow
    {
        return $this->enum('how', ShownHow::class);
    }

    /** Which of the adults who will install it at home, from 1. */
    public function adult(): int
    {
        return $this->filled('adult') ? $this->integer('adult') : 1;
    }
}
