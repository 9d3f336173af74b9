<?php

declare(strict_types=1);

namespace App\Console;

use App\Practice\SeededDice;
use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Illuminate\Console\Command;
use InvalidArgumentException;
use MintBuckle\Core\Capacity\Estimate;
use MintBuckle\Core\Capacity\LineSimulation;
use MintBuckle\Core\Capacity\WaitingLine;
use MintBuckle\Core\CaseFile\Problem;

/** How long families wait, and how many technicians that takes; needs no database. Exit 2: no such line. */
final class CapacityCommand extends Command
{
    use WritesJson;

    /** Figures behind the point that are shown; the model itself is no truer than two of them. */
    private const SHOWN = 6;

    protected $signature = 'buckle:capacity {--arrivals= : seats an hour} {--minutes= : mean minutes a seat} '
        . '{--technicians= : who work at once} {--simulate= : a seed; adds the same figures from a simulation}';

    protected $description = 'Expected waiting time, and technicians needed';

    public function handle(): int
    {
        $arrivals = $this->number('arrivals');
        $minutes = $this->number('minutes');
        $technicians = filter_var($this->option('technicians'), FILTER_VALIDATE_INT);
        $seed = filter_var(
            $this->option('simulate') ?? 0,
            FILTER_VALIDATE_INT,
            ['options' => ['min_range' => 0, 'max_range' => SeededDice::LARGEST]],
        );
        $problems = array_values(array_filter([
            $arrivals === null || $arrivals->isNegative() ? new Problem('--arrivals', 'must be a number, none or more') : null,
            $minutes?->isPositive() === true ? null : new Problem('--minutes', 'must be a number above none'),
            is_int($technicians) && $technicians >= 1 && $technicians <= WaitingLine::MOST_TECHNICIANS
                ? null
                : new Problem('--technicians', 'must be a whole number, 1 to ' . WaitingLine::MOST_TECHNICIANS),
            $seed === false ? new Problem('--simulate', 'must be a whole number, 0 to ' . SeededDice::LARGEST) : null,
        ]));
        if ($problems !== []) {
            return $this->refuse($problems);
        }
        assert($arrivals !== null && $minutes !== null);
        try {
            $line = WaitingLine::of($arrivals, $minutes, (int) $technicians);
        } catch (InvalidArgumentException) {
            $most = WaitingLine::MOST_OFFERED;

            return $this->refuse([new Problem('--arrivals', "times --minutes is more than {$most} seats at once")]);
        }
        fwrite(STDOUT, self::json(
            self::figures($line) + ($this->option('simulate') === null ? [] : self::simulated($line, (int) $seed)),
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
        ) . "\n");

        return self::SUCCESS;
    }

    private function number(string $option): ?BigDecimal
    {
        try {
            $said = $this->option($option);

            return is_string($said) ? BigDecimal::of($said) : null;
        } catch (MathException) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private static function figures(WaitingLine $line): array
    {
        return [
            'offered' => self::shown($line->offered()->toFloat()),
            'wait_probability' => self::shown($line->waitProbability()),
            'mean_wait_minutes' => self::shown($line->meanWaitMinutes()),
            'p90_wait_minutes' => self::shown($line->p90WaitMinutes()),
            'technicians_for_10_minutes' => $line->techniciansFor(),
        ];
    }

    /** @return array{simulated: array<string, mixed>} */
    private static function simulated(WaitingLine $line, int $seed): array
    {
        $played = LineSimulation::of($line, new SeededDice($seed));

        return ['simulated' => [
            'seed' => $seed,
            'wait_probability' => self::between($played?->waitProbability),
            'mean_wait_minutes' => self::between($played?->meanWaitMinutes),
            'p90_wait_minutes' => self::between($played?->p90WaitMinutes),
        ]];
    }

    /** @return array{value: float|null, low: float|null, high: float|null}|null */
    private static function between(?Estimate $estimate): ?array
    {
        return $estimate === null ? null : [
            'value' => self::shown($estimate->value),
            'low' => self::shown($estimate->low),
            'high' => self::shown($estimate->high),
        ];
    }

    private static function shown(?float $figure): ?float
    {
        return $figure === null ? null : round($figure, self::SHOWN);
    }
}
