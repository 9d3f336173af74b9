<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\RecallImport;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\RequestException;
use Illuminate\Support\Facades\Storage;

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
            self::refuse(
                $import,
                'did not answer in time, ' . $this->config->integer('recalls.tries')
                    . ' times. Try again later, or take the list from a file.',
            );

            return;
        } catch (RequestException $e) {
            self::refuse(
                $import,
                "answered with an error ({$e->response->status()}), " . $this->config->integer('recalls.tries')
                    . ' times. Try again later, or take the list from a file.',
            );

            return;
        }
        ($this->read)($import);
    }

    private static function refuse(RecallImport $import, string $message): void
    {
        $import->update(['state' => ImportState::Refused, 'problems' => [['path' => 'The feed', 'message' => $message]]]);
    }
}
