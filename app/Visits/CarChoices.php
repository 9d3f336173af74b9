<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\CheckupEvent;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Words\Telling;

/** The cars that are offered as a family arrives; beside them the mere shapes, for a car that is not in the catalogue. */
final readonly class CarChoices
{
    private const ENOUGH = 5;

    /** @param array<int, string> $shapes by number */
    private function __construct(public Choices $cars, public array $shapes) {}

    /**
     * What stood there as the form was sent: the car that was chosen, else what the letters find, else those of the day.
     *
     * @param array<array-key, mixed> $typed of the family
     */
    public static function after(CheckupEvent $event, array $typed): self
    {
        $text = static fn(string $key): string => is_string($typed[$key] ?? null) ? trim($typed[$key]) : '';

        return match (true) {
            ctype_digit($text('layout')) => self::recent($event, (int) $text('layout')),
            $text('vehicle') !== '' => self::found($text('vehicle')),
            default => self::recent($event),
        };
    }

    /** @param int|null $chosen that stands there whatever else does */
    public static function recent(CheckupEvent $event, ?int $chosen = null): self
    {
        $met = Visit::query()
            ->where('checkup_event_id', $event->id)
            ->whereNotNull('vehicle_layout_id')
            ->groupBy('vehicle_layout_id')
            ->orderByRaw('count(*) desc, vehicle_layout_id')
            ->limit(self::ENOUGH)
            ->pluck('vehicle_layout_id')
            ->all();

        return new self(Choices::recent(self::cars(), array_values(array_filter([$chosen, ...$met], is_int(...)))), self::shapes());
    }

    public static function found(string $words): self
    {
        $folded = array_column(array_filter(VehicleLayout::names(), static fn(object $one): bool => ! $one->isShape), 'folded', 'id');

        return new self(Choices::found(self::cars(), $folded, $words), self::shapes());
    }

    /** @return array<int, string> */
    private static function cars(): array
    {
        return self::titles(false);
    }

    /** @return array<int, string> */
    private static function shapes(): array
    {
        return self::titles(true);
    }

    /** @return array<int, string> */
    private static function titles(bool $shapes): array
    {
        $titles = [];
        foreach (VehicleLayout::names() as $layout) {
            if ($layout->isShape === $shapes) {
                $titles[$layout->id] = Telling::now()->tell(VehicleLayout::titleOf($layout->name));
            }
        }

        return $titles;
    }
}
