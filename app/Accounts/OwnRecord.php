<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Files\Csv;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Number;
use MintBuckle\Core\Asking\Answers;

/**
 * What a technician did, to be shown when they are certified anew: checks that they signed, by kind of seat and place, second signatures,
 * and hours in the bays. Of families that have gone home; a signature that was taken back does not count.
 */
final readonly class OwnRecord
{
    private const SECONDS_AN_HOUR = 3600;

    private const TECHNICIAN = 'handover.technician';

    /**
     * @param list<SignedCheck> $signed the last first
     * @param float $hours in the bays
     */
    private function __construct(public User $person, public array $signed, public float $hours) {}

    public static function of(User $person): self
    {
        return new self($person, self::signed($person), self::hoursOf($person));
    }

    public function checks(): int
    {
        return count($this->first());
    }

    public function seconds(): int
    {
        return count($this->signed) - $this->checks();
    }

    /** As the reader writes numbers. */
    public function hours(): string
    {
        return (string) Number::format($this->hours, maxPrecision: 1, locale: app()->getLocale());
    }

    /** @return array<string, int> checks by kind of seat, the most first; '' where nobody said */
    public function byKind(): array
    {
        return self::counted(array_column($this->first(), 'kind'));
    }

    /** @return array<string, int> by place in the car */
    public function byPlace(): array
    {
        return self::counted(array_column($this->first(), 'place'));
    }

    /** @param resource $stream */
    public function csv($stream): void
    {
        $word = static fn(string $column): string => Telling::now()->word("accounts.record.columns.{$column}");
        Csv::write($stream, array_map($word, ['day', 'event', 'ticket', 'seat', 'kind', 'place', 'as']));
        foreach ($this->signed as $one) {
            Csv::write($stream, [
                $one->day->toDateString(),
                $one->event,
                $one->ticket,
                $one->seat,
                self::kind($one->kind),
                self::place($one->place),
                Telling::now()->word($one->as()),
            ]);
        }
    }

    public static function kind(string $kind): string
    {
        return Telling::now()->word($kind === '' ? 'accounts.record.unknown' : "catalogue.kinds.{$kind}");
    }

    public static function place(string $place): string
    {
        return $place === ''
            ? Telling::now()->word('accounts.record.unknown')
            : Telling::now()->tell(Answers::placeTitle($place));
    }

    /** @return list<SignedCheck> that they signed as the technician */
    private function first(): array
    {
        return array_values(array_filter($this->signed, static fn(SignedCheck $one): bool => ! $one->isSecond));
    }

    /**
     * @param list<string> $what
     * @return array<string, int>
     */
    private static function counted(array $what): array
    {
        $counts = array_count_values($what);
        arsort($counts);

        return $counts;
    }

    /** @return list<SignedCheck> */
    private static function signed(User $person): array
    {
        $rows = DB::table('facts')
            ->join('checks', 'checks.id', '=', 'facts.check_id')
            ->join('visits', 'visits.id', '=', 'checks.visit_id')
            ->join('checkup_events', 'checkup_events.id', '=', 'visits.checkup_event_id')
            ->leftJoin('seat_models', 'seat_models.id', '=', 'checks.seat_model_id')
            ->whereIn('facts.key', [self::TECHNICIAN, 'handover.checker'])
            ->whereRaw("facts.value->>'id' = ?", [$person->login])
            ->whereNull('facts.undoes')
            ->whereRaw('not exists (select from facts later where later.undoes = facts.id)')
            ->whereNotNull('checks.signed_at')
            ->distinct()
            ->orderByDesc('checks.signed_at')
            ->orderBy('facts.key')
            ->get([
                'checks.id as check_id', 'letter', 'ticket', 'checkup_events.name as event', 'held_on', 'kind',
                'checks.maker', 'checks.model', 'checks.place', 'facts.key', 'checks.signed_at',
            ]);

        return array_values($rows->map(SignedCheck::ofRow(...))->all());
    }

    /** From each call or hand-over to the next, or until the family went home. */
    private static function hoursOf(User $person): float
    {
        $seconds = DB::table(
            DB::table('visit_moves')->join('visits', 'visits.id', '=', 'visit_moves.visit_id')->whereNotNull('left_at')
                ->selectRaw('visit_moves.worked_by, at, coalesce(lead(at) over (partition by visit_id order by at), left_at) as until'),
            'stays',
        )->where('worked_by', $person->id)->selectRaw('extract(epoch from sum(until - at)) as seconds')->value('seconds');

        return is_numeric($seconds) ? round((float) $seconds / self::SECONDS_AN_HOUR, 1) : 0.0;
    }
}
