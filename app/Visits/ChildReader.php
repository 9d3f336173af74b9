<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\AnswerReader;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\ArrivalRequest;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use App\Units;
use App\Words\Languages;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Written\WrittenMeasure;
use stdClass;

/** A child and its seat as they are typed on arrival, to facts. */
final readonly class ChildReader
{
    /** @param Units $units that the form was shown in, whatever is remembered by now */
    public function __construct(private Units $units, private CheckupEvent $event) {}

    /**
     * @param array<array-key, mixed> $given
     * @throws UnreadableAnswer when a date cannot be read
     */
    public function read(array $given): ArrivingChild
    {
        $text = static fn(string $key): ?string => is_string($given[$key] ?? null) && trim($given[$key]) !== '' ? trim($given[$key]) : null;
        $model = ctype_digit((string) $text('seat')) ? SeatModel::query()->find((int) $text('seat')) : null;
        $alone = ModeName::withoutSeat()->value;
        $rides = $text('seat') === ArrivalRequest::NO_SEAT ? $alone : $text('mode');
        $facts = self::born($text('born_on'), $this->event) + [
            'child.weight' => $this->measured($text('weight'), AnswerKind::Mass),
            'child.height' => $this->measured($text('height'), AnswerKind::Length),
            'child.sex' => $text('sex'),
            'seat' => $model->rules ?? ($rides === $alone ? null : self::byHand($text('maker'), $text('model'), (string) $rides)),
            'seat.serial' => $text('serial'),
            'seat.made_on' => $text('made_on') === null ? null : AnswerReader::date($text('made_on')),
            'setup.mode' => $rides,
            'setup.position' => $text('position'),
        ];

        return new ArrivingChild($model, array_filter($facts, static fn(mixed $fact): bool => $fact !== null));
    }

    /**
     * A day that is still to come is the day a child is due.
     *
     * @return array<string, string>
     */
    public static function born(?string $text, CheckupEvent $event): array
    {
        if ($text === null) {
            return [];
        }
        $day = AnswerReader::date($text);

        return [strcmp($day, $event->held_on->toDateString()) > 0 ? 'child.due_on' : 'child.born_on' => $day];
    }

    /** Null where it cannot be read. */
    public static function written(string $text): ?WrittenMeasure
    {
        return WrittenMeasure::read($text, resolve(Languages::class)->written()->units);
    }

    /** @return array{value: int|float, unit: string}|null */
    public function measured(?string $text, AnswerKind $kind): ?array
    {
        $measure = $text === null ? null : self::written($text);

        return $measure === null
            ? null
            : ['value' => $measure->value, 'unit' => $measure->unit ?? (string) $this->units->for($kind)?->symbol()];
    }

    /** @return stdClass|null null while nothing is known of the seat */
    private static function byHand(?string $maker, ?string $model, string $mode): ?stdClass
    {
        return $maker === null && $mode === '' ? null : (object) [
            'maker' => $maker,
            'model' => $model,
            'modes' => ModeName::tryFrom($mode)?->hasSeat() === false ? null : (object) [$mode => new stdClass()],
        ];
    }
}
