<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\SeatModel;

/** The seat models that are offered as a family arrives. */
final readonly class SeatChoices
{
    private const ENOUGH = 5;

    /**
     * What stood there as the form was sent: the seat that was chosen, else what the letters find, else those of the day.
     *
     * @param array<array-key, mixed> $typed of one child
     */
    public static function after(CheckupEvent $event, array $typed): Choices
    {
        $text = static fn(string $key): string => is_string($typed[$key] ?? null) ? trim($typed[$key]) : '';

        return match (true) {
            ctype_digit($text('seat')) => self::recent($event, (int) $text('seat')),
            $text('seat_words') !== '' => self::found($text('seat_words')),
            default => self::recent($event),
        };
    }

    /** @param int|null $chosen that stands there whatever else does */
    public static function recent(CheckupEvent $event, ?int $chosen = null): Choices
    {
        $met = Check::query()
            ->join('visits', 'visits.id', '=', 'checks.visit_id')
            ->where('visits.checkup_event_id', $event->id)
            ->whereNotNull('seat_model_id')
            ->groupBy('seat_model_id')
            ->orderByRaw('count(*) desc, seat_model_id')
            ->limit(self::ENOUGH)
            ->pluck('seat_model_id')
            ->all();

        return Choices::recent(self::titles(), array_values(array_filter([$chosen, ...$met], is_int(...))));
    }

    public static function found(string $words): Choices
    {
        return Choices::found(self::titles(), array_column(SeatModel::names(), 'folded', 'id'), $words);
    }

    /** @return array<int, string> */
    private static function titles(): array
    {
        return array_column(SeatModel::names(), 'title', 'id');
    }
}
