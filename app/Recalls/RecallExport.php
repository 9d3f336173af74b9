<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Files\Csv;
use App\Models\Campaign;
use App\Models\RecallList;
use Illuminate\Support\LazyCollection;
use MintBuckle\Core\Recall\RecallIntake;
use stdClass;

/** A list as it can be read again elsewhere: CSV per RFC 4180, or JSON by its schema; written as it is read, however long. */
final readonly class RecallExport
{
    public function __construct(private RecallList $list) {}

    public function csv(): void
    {
        $out = fopen('php://output', 'wb');
        assert($out !== false);
        Csv::write($out, RecallIntake::COLUMNS);
        foreach ($this->campaigns() as $campaign) {
            Csv::write(
                $out,
                array_map(static fn(string $column): string => self::field($campaign->{$column} ?? null), RecallIntake::COLUMNS),
            );
        }
    }

    public function json(): void
    {
        $head = json_encode(
            ['format' => RecallIntake::FORMAT, 'version' => RecallIntake::VERSION, 'dated' => $this->list->dated->toDateString()],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
        );
        echo substr($head, 0, -1), ',"campaigns":[';
        $between = "\n";
        foreach ($this->campaigns() as $campaign) {
            echo $between, json_encode($campaign, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
            $between = ",\n";
        }
        echo "\n]}\n";
    }

    /** @return LazyCollection<int, stdClass> in the case format's shape */
    private function campaigns(): LazyCollection
    {
        return Campaign::rows()->where('recall_list_id', $this->list->id)->lazyById(2000)->map(Campaign::said(...));
    }

    private static function field(mixed $value): string
    {
        return is_array($value)
            ? implode(RecallIntake::BETWEEN_MODELS, array_filter($value, is_string(...)))
            : (is_string($value) ? $value : '');
    }
}
