<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Loose\Sight;
use MintBuckle\Core\Record\AnnotationKind;

/** What is seen of a seat that will not hold, or what was tried for it: "still_loose", "still_loose.peg_belt". */
final class TriedRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'sight' => ['required', Rule::enum(Sight::class)],
            'attempt' => ['nullable', 'string', 'max:60', static function (string $name, mixed $value, callable $fail): void {
                if (! is_string($value) || Attempt::named($value) === null) {
                    $fail(Telling::now()->word('refused.not_a_fact'));
                }
            }],
        ];
    }

    public function kind(): AnnotationKind
    {
        return $this->filled('attempt') ? AnnotationKind::Tried : AnnotationKind::Seen;
    }

    public function subject(): string
    {
        return rtrim($this->string('sight') . '.' . $this->string('attempt'), '.');
    }
}
