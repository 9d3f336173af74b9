<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Illuminate\Validation\Validator;

/** What was typed comes back with what is wrong with it, but for lists where one text was meant: no field could show them. */
final readonly class TypedBefore
{
    /** What may be wrong with a field that is meant to hold a list. */
    private const OF_LISTS = ['Array', 'List', 'Required', 'RequiredWith', 'Max', 'Min', 'Between', 'Size'];

    public static function without(ValidationException $e, Request $request): void
    {
        $rules = $e->validator instanceof Validator ? $e->validator->getRules() : [];
        $typed = (array) $request->input();
        foreach ($e->validator->failed() as $field => $failed) {
            if (is_array($failed) && is_array(Arr::get($typed, $field)) && array_diff(array_keys($failed), self::OF_LISTS) !== []) {
                Arr::forget($typed, $field);
            }
        }
        $known = array_map(static fn(int|string $field): string => strtok((string) $field, '.') ?: '', array_keys($rules));
        $request->replace(array_filter(
            $typed,
            static fn(mixed $value, int|string $field): bool => ! is_array($value) || in_array((string) $field, $known, true),
            ARRAY_FILTER_USE_BOTH,
        ));
    }
}
