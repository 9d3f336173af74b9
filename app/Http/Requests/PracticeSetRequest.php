<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Rulebook;

/** A class as its instructor makes it: fixed set-ups, errors chosen by name, and as many drawn by level as one likes. */
final class PracticeSetRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    private const MOST = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'title' => ['required', 'string', 'max:80'],
            'drawn' => ['nullable', 'integer', 'between:0,' . self::MOST],
            'level' => ['nullable', 'integer', 'between:1,' . DrillMaker::LEVELS],
            'fixed' => ['nullable', 'array', 'max:' . self::MOST],
            'fixed.*' => [Rule::enum(FixedDrill::class)],
            'codes' => ['nullable', 'array', 'max:' . self::MOST],
            'codes.*' => [Rule::in(array_keys(DrillWeights::all(Rulebook::current())))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.*' => Telling::now()->word('refused.practice.class_title'),
            'drawn.*' => Telling::now()->word('refused.practice.class_drawn'),
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    /** @return list<array{seed: int, level: int, fixed: string|null, code: string|null}> the seeds follow from the class's own id */
    public function items(): array
    {
        $level = max(1, min(DrillMaker::LEVELS, $this->integer('level', 1)));
        $chosen = [
            ...array_map(static fn(string $fixed): array => [$fixed, null], $this->texts('fixed')),
            ...array_map(static fn(string $code): array => [null, $code], $this->texts('codes')),
            ...array_fill(0, max(0, $this->integer('drawn')), [null, null]),
        ];

        return array_map(fn(array $one, int $number): array => [
            'seed' => crc32("{$this->id()} {$number}") & 0x7FFFFFFF,
            'level' => $one[1] === null ? $level : 1,
            'fixed' => $one[0],
            'code' => $one[1],
        ], $chosen, array_keys($chosen));
    }

    /** @return list<string> */
    private function texts(string $key): array
    {
        return array_values(array_filter((array) $this->input($key, []), is_string(...)));
    }
}
