<?php

declare(strict_types=1);

namespace App\Findings;

use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Report\Outcome;

/** Of which checks figures are told: one event, or those of some months, by one practice, of one kind of seat; and for whom. */
final readonly class FindingsFilter
{
    private const MONTH = '/\A(?:19|20)\d{2}-(?:0[1-9]|1[0-2])\z/';

    private const MONTHS = 12;

    /**
     * @param string|null $from month, included: 2026-11
     * @param string|null $to month, included
     * @param string|null $kind as an Outcome tells it
     * @param bool $handOn figures that may leave the organisation, which no kind of seat divides
     */
    private function __construct(
        public ?CheckupEvent $event,
        public ?string $from,
        public ?string $to,
        public ?PracticeCode $practice,
        public ?string $kind,
        public bool $handOn,
    ) {}

    /** What cannot be read is as if it had not been said; an event that is not there is not found. */
    public static function of(PlainRequest $request): self
    {
        $event = $request->string('event')->toString();
        $month = static function (string $name) use ($request): ?string {
            $typed = $request->string($name)->toString();

            return preg_match(self::MONTH, $typed) === 1 ? $typed : null;
        };
        $kind = $request->string('kind')->toString();
        $handOn = $request->string('for')->toString() === 'others';

        return new self(
            preg_match('/\A\d{1,18}\z/', $event) === 1 ? CheckupEvent::query()->findOrFail((int) $event) : null,
            $event === '' ? $month('from') : null,
            $event === '' ? $month('to') : null,
            $event === '' ? $request->enum('practice', PracticeCode::class) : null,
            ! $handOn && in_array($kind, self::kinds(), true) ? $kind : null,
            $handOn,
        );
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return [...SeatKind::values(), Outcome::OTHER_KIND, Outcome::NO_SEAT];
    }

    /** The key of its words. */
    public static function word(string $kind): string
    {
        return SeatKind::tryFrom($kind) === null ? "report.kinds.{$kind}" : "catalogue.kinds.{$kind}";
    }

    /** @return array<string, string> as addresses carry it */
    public function query(): array
    {
        return array_filter([
            'event' => (string) $this->event?->id,
            'from' => (string) $this->from,
            'to' => (string) $this->to,
            'practice' => $this->practice->value ?? '',
            'kind' => (string) $this->kind,
            'for' => $this->handOn ? 'others' : '',
        ], static fn(string $said): bool => $said !== '');
    }

    /** Whether all that was ever counted is meant. */
    public function isAll(): bool
    {
        return $this->event === null && $this->from === null && $this->to === null && $this->practice === null && $this->kind === null;
    }

    /** @return list<string> of roll-ups: as few as there can be */
    public function scopes(): array
    {
        if ($this->event !== null) {
            return ["event:{$this->event->id}"];
        }

        return array_map(fn(string $period): string => $period . ':' . ($this->practice->value ?? ''), $this->periods());
    }

    /** @return Builder<CheckupEvent> */
    public function events(): Builder
    {
        $first = static fn(string $month): CarbonImmutable => CarbonImmutable::parse("{$month}-01");

        return CheckupEvent::query()
            ->when($this->event !== null, fn(Builder $events): Builder => $events->whereKey($this->event?->id))
            ->when($this->from !== null, fn(Builder $events): Builder => $events->where('held_on', '>=', $first((string) $this->from)))
            ->when($this->to !== null, fn(Builder $events): Builder => $events
                ->where('held_on', '<', $first((string) $this->to)->addMonth()))
            ->when($this->practice !== null, fn(Builder $events): Builder => $events->where('practice', $this->practice?->value));
    }

    /** @return list<string> whole years where they are whole, months before and after */
    private function periods(): array
    {
        if ($this->from === null && $this->to === null) {
            return ['ever'];
        }
        [$from, $to] = [self::number($this->from ?? $this->first()), self::number($this->to ?? $this->last())];
        $periods = [];
        while ($from <= $to) {
            $year = intdiv($from, self::MONTHS);
            $isWhole = $from % self::MONTHS === 0 && $from + self::MONTHS - 1 <= $to;
            $periods[] = $isWhole ? "year:{$year}" : sprintf('month:%d-%02d', $year, $from % self::MONTHS + 1);
            $from += $isWhole ? self::MONTHS : 1;
        }

        return $periods;
    }

    /** Months since the year nought. */
    private static function number(string $month): int
    {
        return (int) substr($month, 0, 4) * self::MONTHS + (int) substr($month, 5) - 1;
    }

    private function first(): string
    {
        return CheckupEvent::query()->orderBy('held_on')->first()?->held_on->format('Y-m') ?? (string) $this->to;
    }

    private function last(): string
    {
        return CheckupEvent::query()->orderByDesc('held_on')->first()?->held_on->format('Y-m') ?? (string) $this->from;
    }
}
