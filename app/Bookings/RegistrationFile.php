<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Files\Csv;
use App\Models\CheckupEvent;
use App\Words\Languages;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Recall\Folded;
use Symfony\Component\Uid\UuidV7;

/** A CSV file of registrations as it came: its columns, and what each line wishes for. */
final readonly class RegistrationFile
{
    public const FIELDS = ['time', 'first_name', 'contact', 'seats', 'language'];

    public const NEEDED = ['time', 'first_name'];

    private const MOST_LINES = 2000;

    private const KEPT_SECONDS = 86_400;

    /** What columns of that meaning are called at times, folded. */
    private const CALLED = [
        'time' => ['time', 'slot', 'start', 'hora', 'appointment'],
        'first_name' => ['firstname', 'name', 'nombre', 'family'],
        'contact' => ['contact', 'email', 'mail', 'phone', 'contacto', 'correo', 'telefono'],
        'seats' => ['seats', 'children', 'asientos', 'menores'],
        'language' => ['language', 'idioma'],
    ];

    public function __construct(private Languages $languages) {}

    /** Of one event: whoever may not see that finds no file either. */
    public static function path(CheckupEvent $event, string $id): string
    {
        return self::folder($event) . "/{$id}.csv";
    }

    private static function folder(CheckupEvent $event): string
    {
        return "bookings/{$event->id}";
    }

    /** @return string the id by which it is found; what was left lying for a day goes */
    public static function keep(CheckupEvent $event, string $content): string
    {
        foreach (Storage::files(self::folder($event)) as $older) {
            if (Storage::lastModified($older) < time() - self::KEPT_SECONDS) {
                Storage::delete($older);
            }
        }
        $id = (string) new UuidV7();
        Storage::put(self::path($event, $id), $content);

        return $id;
    }

    /** @return list<string> what its columns are called; none where it cannot be read */
    public function columns(CheckupEvent $event, string $id): array
    {
        $path = self::path($event, $id);
        $stream = Storage::exists($path) ? Storage::readStream($path) : null;
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
    public function wishes(CheckupEvent $event, string $id, array $columns): iterable
    {
        $stream = Storage::readStream(self::path($event, $id));
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
