<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\RecallImport;
use App\Words\Telling;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\RequestException;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Telling\Message;

/** Asks the feed for its list: with a time-out, again after a while, and never for ever. The list in use stays until another was taken. */
final readonly class FetchRecallFeed
{
    public function __construct(private Factory $http, private Repository $config, private ReadRecallList $read) {}

    public function __invoke(RecallImport $import, string $behaviour): void
    {
        set_time_limit(0);
        if ($import->refresh()->state !== ImportState::Fetching) {
            return;
        }
        try {
            $answer = $this->http
                ->connectTimeout(2)
                ->timeout($this->config->integer('recalls.timeout_seconds'))
                ->retry($this->config->array('recalls.back_off_ms'))
                ->get($this->config->string('recalls.feed') . "/{$behaviour}.json");
            Storage::put($import->path, $answer->body());
        } catch (ConnectionException) {
            self::refuse($import, new Message('recalls.feed.no_answer', ['n' => $this->config->integer('recalls.tries')]));

            return;
        } catch (RequestException $e) {
            self::refuse($import, new Message('recalls.feed.error', [
                'status' => (string) $e->response->status(),
                'n' => $this->config->integer('recalls.tries'),
            ]));

            return;
        }
        ($this->read)($import);
    }

    private static function refuse(RecallImport $import, Message $message): void
    {
        $import->update(['state' => ImportState::Refused, 'problems' => [[
            'path' => Telling::now()->word('recalls.feed.name'),
            'message' => Telling::now()->tell($message),
        ]]]);
    }
}
