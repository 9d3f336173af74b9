<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Units;
use App\Words\Telling;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A bus as it is being planned: layout, counts of what is in stock, roster, and who is kept where. */
final readonly class BusDraft
{
    /**
     * @param BusRequest|null $request null while something cannot be read
     * @param list<Message|string> $problems
     */
    private function __construct(public ?BusRequest $request, public array $problems) {}

    /**
     * @param array<array-key, mixed> $counts id of a system => how many there are today
     * @param list<string> $keep "Ada|1|left"
     */
    public static function of(BusLayout $layout, CheckupEvent $event, string $roster, array $counts, array $keep, Units $units): self
    {
        $riders = Roster::read($roster, $units);
        $names = array_column($riders->riders, 'name');
        $file = FactLog::asKept([
            'format' => BusReader::FORMAT,
            'version' => BusReader::VERSION,
            'today' => $event->held_on->toDateString(),
            'gross_weight' => $layout->gross_weight,
            'benches' => $layout->benches,
            'systems' => array_map(static fn(object $system): array => self::counted((array) $system, $counts), $layout->systems),
            'riders' => $riders->riders,
            'keep' => array_values(array_filter(
                array_map(self::kept(...), $keep),
                static fn(?array $one): bool => $one !== null && in_array($one['rider'], $names, true),
            )),
        ]);
        assert($file instanceof stdClass);
        $problems = [...$riders->problems, ...self::uncounted($counts)];
        if ($problems !== []) {
            return new self(null, $problems);
        }
        try {
            return new self(BusReader::fromObject($file), []);
        } catch (InvalidCase $e) {
            return new self(null, array_map(static fn(Problem $p): string => self::told($p, $names), $e->problems));
        }
    }

    /**
     * @param array<array-key, mixed> $system
     * @param array<array-key, mixed> $counts
     * @return array<array-key, mixed>
     */
    private static function counted(array $system, array $counts): array
    {
        $count = $counts[is_string($system['id']) ? $system['id'] : ''] ?? null;

        return is_string($count) && ctype_digit($count) ? ['count' => min(1000, (int) $count)] + $system : $system;
    }

    /**
     * @param array<array-key, mixed> $counts
     * @return list<Message>
     */
    private static function uncounted(array $counts): array
    {
        $wrong = array_filter($counts, static fn(mixed $count): bool => ! is_string($count) || ! ctype_digit($count));

        return array_map(static fn(int|string $id): Message => new Message('bus.plan.count', ['id' => (string) $id]), array_keys($wrong));
    }

    /** @return array{rider: string, row: int, side: string}|null */
    private static function kept(string $keep): ?array
    {
        $parts = explode('|', $keep);

        return count($parts) === 3 && ctype_digit($parts[1]) ? ['rider' => $parts[0], 'row' => (int) $parts[1], 'side' => $parts[2]] : null;
    }

    /** @param list<mixed> $names */
    private static function told(Problem $problem, array $names): string
    {
        $of = preg_match('/\Ariders\.(\d+)\./', $problem->path, $m) === 1 ? $names[(int) $m[1]] ?? null : null;
        $said = Telling::now()->says(new Message('refused.at_field', ['problem' => $problem->told()]));

        return is_string($of) ? "{$of}: {$said}" : $said;
    }
}
