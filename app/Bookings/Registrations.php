<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Telling\Message;
use Symfony\Component\Uid\UuidV7;

/** Registrations of a file are booked: all of them, or none and every reason by its line. */
final readonly class Registrations
{
    private const MOST_PROBLEMS = 100;

    public function __construct(private RegistrationFile $file, private BookFamily $book) {}

    /**
     * @param array<string, int> $columns which one says what; RegistrationFile::NEEDED among them
     * @return array{taken: int, problems: list<string>} nothing is taken where there is any problem
     */
    public function take(string $id, CheckupEvent $event, array $columns, User $by): array
    {
        [$taken, $problems] = [0, []];
        DB::beginTransaction();
        foreach ($this->file->wishes($event, $id, $columns) as $line => $wish) {
            try {
                $this->book($event, $wish, $by);
                $taken++;
            } catch (UnreadableAnswer $e) {
                $problems[] = Telling::now()->tell(new Message('bookings.file.line', ['line' => $line, 'problem' => $e->getMessage()]));
            }
            if (count($problems) >= self::MOST_PROBLEMS) {
                break;
            }
        }
        if ($problems !== []) {
            DB::rollBack();

            return ['taken' => 0, 'problems' => $problems];
        }
        DB::commit();
        Storage::delete(RegistrationFile::path($event, $id));

        return ['taken' => $taken, 'problems' => []];
    }

    /** @throws UnreadableAnswer */
    private function book(CheckupEvent $event, Wish|string $wish, User $by): void
    {
        if (is_string($wish)) {
            throw UnreadableAnswer::because("booking.{$wish}");
        }
        ($this->book)((string) new UuidV7(), $event, $wish, $by);
    }
}
