<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\SeatModel;

/** The seat models that are offered as a family arrives: found by a few letters, else those that came today. */
final readonly class SeatChoices
{
    private const MOST = 8;

    /** @param array<int, string> $titles by number of the model */
    private function __construct(public array $titles, public string $words = '') {}

    /**
     * What stood there as the form was sent: the seat that was chosen, else what the letters find, else those of the day.
     *
     * @param array<array-key, mixed> $typed of one child
     */
    public static function after(CheckupEvent $event, array $typed): self
    {
        $text = static fn(string $key): string => is_string($typed[$key] ?? null) ? trim($typed[$key]) : '';

        return match (true) {
            ctype_digit($text('seat')) => self::recent($event, (int) $text('seat')),
            $text('seat_words') !== '' => self::found($text('seat_words')),
            default => self::recent($event),
        };
    }

    /**
     * Those of the day first, the most often met before the others; then any, by name.
     *
     * @param int|null $chosen that stands there whatever else does
     */
    public static function recent(CheckupEvent $event, ?int $chosen = null): self
    {
        $met = Check::query()
            ->join('visits', 'visits.id', '=', 'checks.visit_id')
            ->where('visits.checkup_event_id', $event->id)
            ->whereNotNull('seat_model_id')
            ->groupBy('seat_model_id')
            ->orderByRaw('count(*) desc, seat_model_id')
            ->limit(self::MOST)
            ->pluck('seat_model_id')
            ->all();
        $all = self::all();
        $first = array_flip(array_filter([$chosen, ...$met], is_int(...)));

        $titles = array_replace(array_intersect_key($first, $all), array_intersect_key($all, $first)) + $all;

        return new self(array_slice($titles, 0, self::MOST, true));
    }

    /** However they are written: "om220" finds OM-220. */
    public static function found(string $words): self
    {
        $found = array_filter(self::all(), static fn(string $title): bool => SeatModel::titleHas($title, $words));

        return new self(array_slice($found, 0, self::MOST, true), $words);
    }

    /** @return array<int, string> */
    private static function all(): array
    {
        $titles = [];
        foreach (SeatModel::names() as $model) {
            $titles[$model->id] = trim("{$model->maker} {$model->model} {$model->name}");
        }

        return $titles;
    }
}
