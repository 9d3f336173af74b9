<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\FieldName;
use App\Models\SeatModel;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Telling\Message;

/** Where a check on a bus is begun: who rides, where, and in what. */
final readonly class BusPage
{
    /** @param Collection<int, SeatModel> $models of the catalogue */
    public function __construct(private Collection $models, public Units $units) {}

    public function field(string $name): FieldName
    {
        return new FieldName($name);
    }

    /** @return array<string, Message> */
    public function systems(): array
    {
        return self::answers('bus.system', array_column(BusSystem::cases(), 'value'));
    }

    /** @return array<string, Message> */
    public function sides(): array
    {
        return self::answers('bus.bench.side', array_column(BenchSide::cases(), 'value'));
    }

    /** @return array<int, string> */
    public function models(): array
    {
        return $this->models->mapWithKeys(static fn(SeatModel $model): array => [$model->id => $model->title()])->all();
    }

    /**
     * @param list<string> $values
     * @return array<string, Message>
     */
    private static function answers(string $path, array $values): array
    {
        $told = array_map(static fn(string $value): Message => new Message("facts.{$path}.answers.{$value}"), $values);

        return array_combine($values, $told);
    }
}
