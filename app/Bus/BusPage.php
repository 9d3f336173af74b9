<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\FieldName;
use App\Models\BusLayout;
use App\Models\SeatModel;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Telling\Message;

/** Where a check on a bus is begun: who rides, where, and in what. */
final readonly class BusPage
{
    /**
     * @param Collection<int, SeatModel> $models of the catalogue
     * @param Collection<int, BusLayout> $buses
     * @param BusLayout|null $bus whose bench and rider are chosen; null: both are typed
     */
    public function __construct(private Collection $models, public Units $units, public Collection $buses, public ?BusLayout $bus) {}

    /** @return list<string> who usually rides on the bus, by name */
    public function riders(): array
    {
        return $this->bus === null ? [] : array_values(array_filter(
            array_column(Roster::read($this->bus->roster, $this->units)->riders, 'name'),
            static fn(mixed $name): bool => is_string($name) && $name !== '',
        ));
    }

    /** @return array<string, string> what the roster knows of a rider, as the form's fields would have it typed */
    public function rider(string $name): array
    {
        foreach ($this->bus === null ? [] : Roster::read($this->bus->roster, $this->units)->riders as $rider) {
            if ($rider['name'] === $name) {
                $child = (array) $rider['child'];

                return array_filter([
                    'first_name' => $name,
                    'born_on' => is_string($child['born_on'] ?? null) ? $child['born_on'] : '',
                    'weight' => Measured::kept($child['weight'] ?? null),
                    'height' => Measured::kept($child['height'] ?? null),
                ]);
            }
        }

        return [];
    }

    /** @return array<string, Message> the benches of the bus: "2|left" => its name */
    public function benches(): array
    {
        $benches = [];
        foreach ($this->bus->benches ?? [] as $object) {
            $bench = (array) $object;
            $side = BenchSide::tryFrom(is_string($bench['side'] ?? null) ? $bench['side'] : '');
            if ($side !== null && is_int($bench['row'] ?? null)) {
                $benches["{$bench['row']}|{$side->value}"] = new Message('trips.bench', ['row' => $bench['row'], 'side' => $side]);
            }
        }

        return $benches;
    }

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
