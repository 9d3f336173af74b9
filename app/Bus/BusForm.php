<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusLayout;
use MintBuckle\Core\Facts\BenchSide;

/** A bus as it is entered: its rows of benches, what is in stock for it, who usually rides. All as text, so that nothing typed is lost. */
final readonly class BusForm
{
    private const MOST_ROWS = 30;

    private const MOST_SYSTEMS = 40;

    private const BENCH = ['places' => '', 'belt' => '', 'lower_anchors' => '', 'exit' => '', 'integrated' => '', 'space' => ''];

    private const SYSTEM = [
        'id' => '', 'kind' => '', 'count' => '', 'weight_min' => '', 'weight_max' => '', 'height_max' => '', 'width_places' => '1',
        'depth' => '',
    ];

    /**
     * @param array<string, array<string, string>> $benches "2 left" => places, belt, lower_anchors, exit, integrated, space
     * @param list<array<string, string>> $systems id, kind, count, weight_min, weight_max, height_max, width_places, depth
     * @param list<list<string>> $fixings by system: what may fix it
     */
    private function __construct(
        public string $name,
        public string $gross,
        public int $rows,
        public array $benches,
        public array $systems,
        public array $fixings,
        public string $roster,
    ) {}

    /** A small bus as many are: belts everywhere, anchors in the first row. It is changed to the one at hand. */
    public static function blank(): self
    {
        $belted = ['places' => '2', 'belt' => 'lap_shoulder'] + self::BENCH;
        $benches = [];
        foreach (range(1, 5) as $row) {
            foreach (BenchSide::cases() as $side) {
                $benches["{$row} {$side->value}"] = ['lower_anchors' => $row === 1 ? '1' : ''] + $belted;
            }
        }

        return new self('', '', 5, $benches, [self::SYSTEM], [[]], implode(',', Roster::COLUMNS) . "\n");
    }

    public static function ofLayout(BusLayout $layout): self
    {
        $benches = [];
        foreach ($layout->benches as $object) {
            $bench = (array) $object;
            $benches[self::text($bench['row'] ?? '') . ' ' . self::text($bench['side'] ?? '')] = [
                'space' => Measured::kept($bench['space'] ?? null),
            ] + self::texts($bench, self::BENCH);
        }
        $systems = $fixings = [];
        foreach ($layout->systems as $object) {
            $system = (array) $object;
            $measures = ['weight_min', 'weight_max', 'height_max', 'depth'];
            $systems[] = array_combine(
                $measures,
                array_map(static fn(string $key): string => Measured::kept($system[$key] ?? null), $measures),
            ) + self::texts($system, self::SYSTEM);
            $fixings[] = array_values(array_filter((array) ($system['fixed_by'] ?? []), is_string(...)));
        }
        $rows = max([1, ...array_map(static fn(string $bench): int => (int) $bench, array_keys($benches))]);
        $gross = Measured::kept($layout->gross_weight);

        return new self($layout->name, $gross, $rows, $benches, $systems, $fixings, $layout->roster);
    }

    /** @param array<array-key, mixed> $typed */
    public static function typed(array $typed): self
    {
        $rows = max(1, min(self::MOST_ROWS, (int) self::text($typed['rows'] ?? '')));
        $benches = [];
        foreach ((array) ($typed['bench'] ?? []) as $key => $bench) {
            if (preg_match('/\A(\d+) (left|right)\z/', (string) $key, $m) === 1 && (int) $m[1] <= $rows) {
                $benches[(string) $key] = self::texts((array) $bench, self::BENCH);
            }
        }
        $systems = $fixings = [];
        foreach (array_slice((array) ($typed['system'] ?? []), 0, self::MOST_SYSTEMS) as $system) {
            $systems[] = self::texts((array) $system, self::SYSTEM);
            $fixings[] = array_values(array_filter((array) (((array) $system)['fixed_by'] ?? []), is_string(...)));
        }

        return new self(
            trim(self::text($typed['name'] ?? '')),
            self::text($typed['gross'] ?? ''),
            $rows,
            $benches,
            $systems,
            $fixings,
            self::text($typed['roster'] ?? ''),
        );
    }

    /** As many rows as it says: new ones are as the last one before them. */
    public function withRows(): self
    {
        $benches = $this->benches;
        foreach (range(1, $this->rows) as $row) {
            foreach (BenchSide::cases() as $side) {
                $before = ['exit' => ''] + ($benches[($row - 1) . " {$side->value}"] ?? self::BENCH);
                $benches["{$row} {$side->value}"] ??= $before;
            }
        }

        return new self($this->name, $this->gross, $this->rows, $benches, $this->systems, $this->fixings, $this->roster);
    }

    public function withAnotherSystem(): self
    {
        $more = count($this->systems) < self::MOST_SYSTEMS;

        return new self(
            $this->name,
            $this->gross,
            $this->rows,
            $this->benches,
            $more ? [...$this->systems, self::SYSTEM] : $this->systems,
            $more ? [...$this->fixings, []] : $this->fixings,
            $this->roster,
        );
    }

    /** What a system is called while it is entered: its sign, else its number from 1. */
    public function label(int $number): string
    {
        $id = trim($this->systems[$number]['id'] ?? '');

        return $id === '' ? (string) ($number + 1) : $id;
    }

    /** @return array<string, string> */
    public function bench(int $row, BenchSide $side): array
    {
        return $this->benches["{$row} {$side->value}"] ?? self::BENCH;
    }

    /**
     * @param array<array-key, mixed> $from
     * @param array<string, string> $blank
     * @return array<string, string>
     */
    private static function texts(array $from, array $blank): array
    {
        $texts = [];
        foreach ($blank as $key => $text) {
            $texts[$key] = array_key_exists($key, $from) ? self::text($from[$key]) : $text;
        }

        return $texts;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
