<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusLayout;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusRider;
use MintBuckle\Core\Bus\BusSeat;
use MintBuckle\Core\Bus\ByHand\Placing;
use MintBuckle\Core\Bus\ByHand\PlacingFault;
use MintBuckle\Core\Bus\EvacuationOrder;
use MintBuckle\Core\Bus\RiderOutgrows;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\BusAbove;

/** A bus being planned: who rides, what there is, the proposals, and where somebody was put by hand. */
final readonly class PlanPage
{
    /** @var list<PlacingFault> what may not be of the seating by hand */
    public array $faults;

    /**
     * @param Collection<int, BusLayout> $layouts
     * @param BusAnswer|null $answer null before it is asked for, and while something cannot be read
     * @param Placing|null $placing by hand; null while nobody was put anywhere
     * @param int $chosen which proposal is shown, from 0
     * @param list<string> $kept "Ada|1|left"
     * @param array<array-key, string> $counts id of a system => how many there are, as it was typed
     */
    public function __construct(
        public Collection $layouts,
        public BusLayout $layout,
        public BusDraft $draft,
        public ?BusAnswer $answer,
        public ?Placing $placing,
        public string $roster,
        private int $chosen,
        private array $kept,
        private array $counts,
        public Units $units,
    ) {
        $this->faults = $placing?->faults() ?? [];
    }

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

    /** The proposal that is shown. */
    public function plan(): ?BusPlan
    {
        return $this->answer->plans[$this->number()] ?? null;
    }

    /** Where everybody sits: by hand, else by the proposal. */
    public function seated(): ?BusPlan
    {
        return $this->placing?->plan() ?? $this->plan();
    }

    /** What a trip may be begun with: everybody seated, and nothing about it may not be. */
    public function rideable(): ?BusPlan
    {
        return $this->placing === null || ($this->faults === [] && $this->placing->unseated() === []) ? $this->seated() : null;
    }

    /** @return list<array{way: Message, names: non-empty-list<string>}> who leaves by which way when the bus must be left */
    public function leaving(): array
    {
        $request = $this->draft->request;

        return array_map(static fn(array $way): array => [
            'way' => $way['row'] === null ? new Message('bus.leaving.front') : new Message('bus.leaving.exit', ['row' => $way['row']]),
            'names' => $way['names'],
        ], $request === null ? [] : EvacuationOrder::of($request, $this->rideable()->seats ?? []));
    }

    /** Which proposal is shown, from 0. */
    public function number(): int
    {
        return min($this->chosen, $this->last());
    }

    /** Whether the proposal seats somebody otherwise than the hand did. */
    public function isProposed(): bool
    {
        $plan = $this->plan();

        return $plan !== null && ($this->placing === null || $this->placing->plan()->key() !== $plan->key());
    }

    public function drawing(): ?BusAbove
    {
        return $this->draft->request === null ? null : BusAbove::of(
            $this->draft->request,
            $this->placing?->plan(),
            $this->plan(),
            array_map(static fn(PlacingFault $fault): string => $fault->rider, $this->faults),
        );
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

    /** @return list<array<array-key, mixed>> the systems with how many there are now, in the shape of the bus file */
    public function counted(): array
    {
        return array_map(function (object $system): array {
            $of = (array) $system;
            $id = is_string($of['id'] ?? null) ? $of['id'] : null;

            return ['count' => $this->draft->request?->system($id)->count ?? $of['count'] ?? 0] + $of;
        }, $this->layout->systems);
    }

    /** @return list<array{keep: string, kept: bool, told: Message, outgrows: Message|null}> */
    public function seats(): array
    {
        $seats = $this->seated()->seats ?? [];

        return array_map(fn(string|int $name, BusSeat $seat): array => [
            'keep' => $keep = "{$name}|{$seat->bench->row}|{$seat->bench->side->value}",
            'kept' => in_array($keep, $this->kept, true),
            'told' => BusAbove::told($name, $seat),
            'outgrows' => $this->outgrows((string) $name, $seat),
        ], array_keys($seats), $seats);
    }

    /** @return list<string> names, as they ride */
    public function riders(): array
    {
        return array_map(static fn(BusRider $rider): string => $rider->name, $this->draft->request->riders ?? []);
    }

    /** @return array<string, Message> every place of the bus: "2|left|1" => its name */
    public function places(): array
    {
        $places = [];
        foreach ($this->placing->layout->benches ?? $this->draft->request->benches ?? [] as $bench) {
            foreach (range(1, $bench->places) as $place) {
                $places["{$bench->row}|{$bench->side->value}|{$place}"] = self::place($bench, $place);
            }
        }

        return $places;
    }

    /** @return list<string> the seating by hand, as its form carries it on */
    public function lines(): array
    {
        return $this->placing === null ? [] : HandPlacing::lines($this->placing);
    }

    private static function place(BusBench $bench, int $place): Message
    {
        return new Message('bus.plan.place', ['row' => $bench->row, 'side' => $bench->side, 'place' => $place]);
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

    private function last(): int
    {
        return max(0, count($this->answer->plans ?? []) - 1);
    }
}
