<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Checks\AnswerReader;

/** One answer to one fact. */
final class FactRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        // What did not come needs no rule; a dozen of them for every answer cost as much as reading the case.
        $came = fn(string $field): bool => $this->has(strtok($field, '.') ?: $field);

        return parent::rules() + [
            'key' => ['required_without:entry', 'string', 'max:120'],
        ] + array_filter(self::optional(), $came, ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, list<mixed>> */
    private static function optional(): array
    {
        return [
            // One button that names both fact and answer: "seat.history.damage add".
            'entry' => ['nullable', 'string', 'max:150', 'regex:/\A\S+ \S+\z/'],
            // A second fact that the same press tells, and the id of its entry.
            'with' => ['nullable', 'string', 'max:150', 'regex:/\A\S+ \S+\z/'],
            'with_id' => ['required_with:with', 'uuid'],
            'answer' => ['nullable', 'string', 'max:2000'],
            'answers' => ['nullable', 'array', 'max:50'],
            'answers.*' => ['string', 'max:200'],
            'ticked' => ['nullable', 'array', 'max:50'],
            'ticked.*' => ['string', 'max:200'],
            'amount' => ['nullable', 'string', 'max:40'],
            'unit' => ['nullable', 'string', 'max:8'],
            'lines' => ['nullable', 'string', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            'detail' => ['nullable', 'string', 'max:500'],
            'note' => ['nullable', 'string', 'max:500'],
            'signer' => ['nullable', 'string', 'max:80'],
            'pin' => ['nullable', 'string', 'max:8'],
        ];
    }

    public function key(): string
    {
        return $this->filled('entry') ? $this->string('entry')->before(' ')->toString() : $this->string('key')->toString();
    }

    /** @return array{string, string, array<array-key, mixed>}|null id, key and answer of a second fact that the same press tells */
    public function with(): ?array
    {
        [$key, $answer] = [...explode(' ', $this->string('with')->toString(), 2), ''];

        return $this->filled('with') && $this->signer() === null
            ? [$this->string('with_id')->toString(), $key, ['answer' => $answer]]
            : null;
    }

    /** @return array{string, string}|null name and PIN of a second person who signs on this device */
    public function signer(): ?array
    {
        return $this->key() === 'handover.checker' && $this->filled('signer')
            ? [$this->string('signer')->toString(), $this->string('pin')->toString()]
            : null;
    }

    /** @return array<array-key, mixed> */
    public function posted(): array
    {
        $own = match (true) {
            $this->filled('entry') => ['answer' => $this->string('entry')->after(' ')->toString()],
            $this->signer() !== null => ['answer' => AnswerReader::SIGN],
            default => [],
        };

        return $own + $this->only(['answer', 'answers', 'ticked', 'amount', 'unit', 'lines', 'name', 'detail']);
    }
}
