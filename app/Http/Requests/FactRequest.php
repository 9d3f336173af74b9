<?php

declare(strict_types=1);

namespace App\Http\Requests;

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
            'answer' => ['nullable', 'string', 'max:2000'],
            'answers' => ['nullable', 'array', 'max:50'],
            'answers.*' => ['string', 'max:200'],
            'amount' => ['nullable', 'string', 'max:40'],
            'unit' => ['nullable', 'string', 'max:8'],
            'lines' => ['nullable', 'string', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            'detail' => ['nullable', 'string', 'max:500'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function key(): string
    {
        return $this->filled('entry') ? $this->string('entry')->before(' ')->toString() : $this->string('key')->toString();
    }

    /** @return array<array-key, mixed> */
    public function posted(): array
    {
        $both = $this->filled('entry') ? ['answer' => $this->string('entry')->after(' ')->toString()] : [];

        return $both + $this->only(['answer', 'answers', 'amount', 'unit', 'lines', 'name', 'detail']);
    }
}
