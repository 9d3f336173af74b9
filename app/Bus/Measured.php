<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\UnreadableAnswer;
use App\Units;
use App\Visits\ChildReader;
use MintBuckle\Core\Facts\Definition\AnswerKind;

/** A measurement of the bus as people write it, in the shape of the bus file; without a unit it is in the reader's own. */
final readonly class Measured
{
    /**
     * @return array{value: int|float, unit: string}|null null where nothing was written
     * @throws UnreadableAnswer
     */
    public static function text(string $text, AnswerKind $kind, Units $units): ?array
    {
        $measure = trim($text) === '' ? null : ChildReader::written(trim($text));
        if (trim($text) !== '' && $measure === null) {
            throw UnreadableAnswer::because('no_measure', ['text' => $text]);
        }

        return $measure === null ? null : ['value' => $measure->value, 'unit' => $measure->unit ?? (string) $units->for($kind)?->symbol()];
    }

    /** As it was kept: "9600 lb". */
    public static function kept(mixed $measure): string
    {
        $of = (array) $measure;

        return isset($of['value'], $of['unit']) && is_numeric($of['value']) && is_string($of['unit']) ? "{$of['value']} {$of['unit']}" : '';
    }
}
