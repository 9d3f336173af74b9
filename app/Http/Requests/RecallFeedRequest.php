<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\RecallImport;
use App\Recalls\ImportState;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Telling\Message;
use Symfony\Component\Uid\UuidV7;

/** Asks the feed; the simulated one can be told how to behave. */
final class RecallFeedRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** How the simulated feed can be let answer. */
    public const BEHAVIOURS = ['normal', 'slow', 'broken', 'truncated', 'stale', 'wrong'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['behaviour' => ['required', Rule::in(self::BEHAVIOURS)]];
    }

    public function behaviour(): string
    {
        return $this->string('behaviour')->toString();
    }

    public function toImport(): RecallImport
    {
        return RecallImport::query()->create([
            'source' => Telling::now()->tell(new Message('recalls.feed.source', [
                'answer' => new Message("recalls.feed.answers.{$this->behaviour()}", within: true),
            ])),
            'path' => 'recalls/' . UuidV7::generate() . '.json',
            'state' => ImportState::Fetching,
            'begun_by' => $this->author()->id,
        ]);
    }
}
