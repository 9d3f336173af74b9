<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\AnswerReader;
use App\Checks\UnreadableAnswer;
use App\Units;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Telling\Message;

/** Who rides, as a CSV with a header: name, born_on, weight, height, sex, stop, system, adult. RFC 4180. */
final readonly class Roster
{
    public const COLUMNS = ['name', 'born_on', 'weight', 'height', 'sex', 'stop', 'system', 'adult'];

    /** Characters; more is refused, never cut. */
    private const MOST = 20_000;

    private const YES = ['yes', 'y', 'x', '1', 'sí', 'si'];

    /**
     * @param list<array<string, mixed>> $riders in the shape of the bus file
     * @param list<Message> $problems by line
     */
    private function __construct(public array $riders, public array $problems) {}

    public static function read(string $csv, Units $units): self
    {
        if (mb_strlen($csv) > self::MOST) {
            return new self([], [new Message('bus.roster.long', ['most' => self::MOST])]);
        }
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, ltrim($csv, "\u{FEFF}"));
        rewind($stream);
        $header = array_map(static fn(?string $cell): string => strtolower(trim((string) $cell)), self::line($stream) ?? []);
        $isDoubled = count(array_unique($header)) < count($header);
        if (! in_array('name', $header, true) || array_diff($header, self::COLUMNS) !== [] || $isDoubled) {
            return new self([], [new Message('bus.roster.header', ['columns' => implode(', ', self::COLUMNS)])]);
        }
        [$riders, $problems] = [[], []];
        for ($number = 2; ($cells = self::line($stream)) !== null; $number++) {
            $row = array_map(static fn(?string $cell): string => trim((string) $cell), $cells);
            if (count($row) > count($header)) {
                $problems[] = new Message('bus.roster.wide', ['line' => $number]);
                continue;
            }
            $row = array_combine(array_slice($header, 0, count($row)), $row);
            if (implode('', $row) === '') {
                continue;
            }
            try {
                $riders[] = self::rider($row, $units);
            } catch (UnreadableAnswer $e) {
                $problems[] = new Message('bus.roster.line', ['line' => $number, 'problem' => $e->getMessage()]);
            }
        }

        return new self($riders, $problems);
    }

    /**
     * @param resource $stream
     * @return list<string|null>|null
     */
    private static function line($stream): ?array
    {
        $cells = fgetcsv($stream, null, ',', '"', '');

        return $cells === false ? null : $cells;
    }

    /**
     * @param array<string, string> $row
     * @return array<string, mixed>
     * @throws UnreadableAnswer
     */
    private static function rider(array $row, Units $units): array
    {
        $stop = $row['stop'] ?? '';
        if ($stop !== '' && ! ctype_digit($stop)) {
            throw UnreadableAnswer::because('bus_stop', ['text' => $stop]);
        }

        return [
            'name' => $row['name'],
            'child' => (object) array_filter([
                'born_on' => ($row['born_on'] ?? '') === '' ? null : AnswerReader::date($row['born_on']),
                'weight' => Measured::text($row['weight'] ?? '', AnswerKind::Mass, $units),
                'height' => Measured::text($row['height'] ?? '', AnswerKind::Length, $units),
                'sex' => self::sex($row['sex'] ?? ''),
            ]),
            'system' => ($row['system'] ?? '') === '' ? null : $row['system'],
            'stop' => $stop === '' ? null : (int) $stop,
            'adult' => in_array(mb_strtolower($row['adult'] ?? ''), self::YES, true),
        ];
    }

    /** @throws UnreadableAnswer */
    private static function sex(string $text): ?string
    {
        $sex = Sex::tryFrom(mb_strtolower($text))?->value;
        if ($text !== '' && $sex === null) {
            throw UnreadableAnswer::because('bus_sex', ['text' => $text]);
        }

        return $sex;
    }
}
