<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Files\Csv;
use App\Words\Languages;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Recall\Folded;

/** A CSV file of registrations as it came: its columns, and what each line wishes for. */
final readonly class RegistrationFile
{
    public const FIELDS = ['time', 'first_name', 'contact', 'seats', 'language'];

    public const NEEDED = ['time', 'first_name'];

    private const MOST_LINES = 2000;

    /** What columns of that meaning are called at times, folded. */
    private const CALLED = [
        'time' => ['time', 'slot', 'start', 'hora', 'appointment'],
        'first_name' => ['firstname', 'name', 'nombre', 'family'],
        'contact' => ['contact', 'email', 'mail', 'phone', 'contacto', 'correo', 'telefono'],
        'seats' => ['seats', 'children', 'asientos', 'menores'],
        'language' => ['language', 'idioma'],
    ];

    public function __construct(private Languages $languages) {}

    public static function path(string $id): string
    {
        return "bookings/{$id}.csv";
    }

    /** @return list<string> what its columns are called; none where it cannot be read */
    public function columns(string $id): array
    {
        $stream = Storage::exists(self::path($id)) ? Storage::readStream(self::path($id)) : null;
        foreach ($stream === null ? [] : Csv::records($stream) as $record) {
            return array_map(strval(...), $record);
        }

        return [];
    }

    /**
     * @param list<string> $columns
     * @return array<string, int> which one says what, by what columns are called at times
     */
    public static function guessed(array $columns): array
    {
        $guessed = [];
        foreach (self::CALLED as $field => $names) {
            foreach ($columns as $number => $column) {
                if (in_array(Folded::text($column), $names, true)) {
                    $guessed[$field] ??= $number;
                }
            }
        }

        return $guessed;
    }

    /**
     * @param array<string, int> $columns which one says what; NEEDED among them
     * @return iterable<int, Wish|string> by the line it begins on; what is wrong with it, as a key of the words
     */
    public function wishes(string $id, array $columns): iterable
    {
        $stream = Storage::readStream(self::path($id));
        $records = $stream === null ? [] : Csv::records($stream);
        $count = -1;
        foreach ($records as $line => $record) {
            if ($record === [null] || ++$count === 0) {
                continue;
            }
            if ($count > self::MOST_LINES) {
                yield $line => 'too_many';

                return;
            }
            yield $line => $this->wish(array_map(static fn(int $number): string => trim((string) ($record[$number] ?? '')), $columns));
        }
    }

    /** @param array<string, string> $said */
    private function wish(array $said): Wish|string
    {
        $said += array_fill_keys(self::FIELDS, '');
        $seats = $said['seats'] === '' ? '1' : $said['seats'];

        return match (true) {
            ! mb_check_encoding(implode('', $said), 'UTF-8') => 'not_text',
            preg_match('/\A([01]?\d|2[0-3]):[0-5]\d\z/', $said['time']) !== 1 => 'time',
            $said['first_name'] === '' || mb_strlen($said['first_name']) > 80 => 'name',
            mb_strlen($said['contact']) > 200 => 'contact',
            preg_match('/\A[1-6]\z/', $seats) !== 1 => 'seats',
            default => new Wish(
                sprintf('%05s', $said['time']),
                $said['first_name'],
                $said['contact'] ?: null,
                (int) $seats,
                $this->language($said['language']),
            ),
        };
    }

    /** By its code or its own name for itself; the reader's where neither is known. */
    private function language(string $said): string
    {
        foreach ($this->languages->names() as $code => $name) {
            if (in_array(Folded::text($said), [Folded::text($code), Folded::text($name)], true)) {
                return $code;
            }
        }

        return app()->getLocale();
    }
}
