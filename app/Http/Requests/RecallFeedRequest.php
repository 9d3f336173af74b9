<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\RecallImport;
use App\Recalls\ImportState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Symfony\Component\Uid\UuidV7;

/** Asks the feed; the simulated one can be told how to behave. */
final class RecallFeedRequest extends FormRequest
{
    use BySomebody;

    /** Behaviour of the simulated feed => how it is offered. */
    public const BEHAVIOURS = [
        'normal' => 'as it should',
        'slow' => 'too slow',
        'broken' => 'with an error',
        'truncated' => 'cut short',
        'stale' => 'with an old list',
        'wrong' => 'with a mistake in it',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['behaviour' => ['required', Rule::in(array_keys(self::BEHAVIOURS))]];
    }

    public function behaviour(): string
    {
        return $this->string('behaviour')->toString();
    }

    public function toImport(): RecallImport
    {
        return RecallImport::query()->create([
            'source' => 'Simulated feed, answering ' . self::BEHAVIOURS[$this->behaviour()],
            'path' => 'recalls/' . UuidV7::generate() . '.json',
            'state' => ImportState::Fetching,
            'begun_by' => $this->author()->id,
        ]);
    }
}
