<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusLayout;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRider;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Bus\RiderOutgrows;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\BusAbove;

/** A bus being planned: who rides, what there is, and the proposals. */
final readonly class PlanPage
{
    /**
     * @param Collection<int, BusLayout> $layouts
     * @param BusAnswer|null $answer null before it is asked for, and while something cannot be read
     * @param int $chosen which proposal is shown, from 0
     * @param list<string> $kept "Ada|1|left"
     * @param array<array-key, string> $counts id of a system => how many there are, as it was typed
     */
    public function __construct(
        public Collection $layouts,
        public BusLayout $layout,
        public BusDraft $draft,
        public ?BusAnswer $answer,
        public string $roster,
        private int $chosen,
        private array $kept,
        private array $counts,
        public Units $units,
    ) {}

    public function proposal(): Message
    {
        return new Message('bus.plan.proposal', ['n' => $this->number() + 1, 'of' => count($this->answer->plans ?? [])]);
    }

    public function before(): int
    {
        return max(0, $this->number() - 1);
    }

    public function after(): int
    {
        return min($this->last(), $this->number() + 1);
    }

    public function plan(): ?BusPlan
    {
        return $this->answer->plans[$this->number()] ?? null;
    }

    private function outgrows(string $name, BusSeat $seat): ?Message
    {
        $request = $this->draft->request;
        $system = $request?->system($seat->system);
        $rider = array_values(array_filter($request->riders ?? [], static fn(BusRider $one): bool => $one->name === $name))[0] ?? null;
        $month = $request === null || $system === null || $rider === null
            ? null
            : RiderOutgrows::of($request, $rider, $system)?->likely;

        return $month === null ? null : new Message('bus.plan.outgrows', ['month' => PartialDate::parse($month)]);
    }

    /** Which proposal is shown, from 0. */
    public function number(): int
    {
        return min($this->chosen, $this->last());
    }

    private function last(): int
    {
        return max(0, count($this->answer->plans ?? []) - 1);
    }

    public function drawing(): ?BusAbove
    {
        return $this->draft->request === null ? null : BusAbove::of($this->draft->request, $this->plan());
    }

    /** @return list<array{id: string, kind: Message, count: string}> as it was entered, also while something cannot be read */
    public function stock(): array
    {
        $text = static fn(mixed $value): string => is_scalar($value) ? (string) $value : '';

        return array_map(function (object $system) use ($text): array {
            $of = (array) $system;
            $id = $text($of['id'] ?? null);

            return [
                'id' => $id,
                'kind' => new Message("facts.bus.system.answers.{$text($of['kind'] ?? null)}"),
                'count' => $this->counts[$id] ?? $text($of['count'] ?? null),
            ];
        }, $this->layout->systems);
    }

    /** @return list<array{keep: string, kept: bool, told: Message, outgrows: Message|null}> */
    public function seats(): array
    {
        $seats = $this->plan()->seats ?? [];

        return array_map(fn(string|int $name, BusSeat $seat): array => [
            'keep' => $keep = "{$name}|{$seat->bench->row}|{$seat->bench->side->value}",
            'kept' => in_array($keep, $this->kept, true),
            'told' => BusAbove::told($name, $seat),
            'outgrows' => $this->outgrows((string) $name, $seat),
        ], array_keys($seats), $seats);
    }
}
