<?php

declare(strict_types=1);

namespace App\Cars;

use App\Actions\NoteFact;
use App\Actions\OpenCheck;
use App\Answers\UnreadableAnswer;
use App\Models\Check;
use App\Models\User;
use App\Models\Visit;
use App\Track;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use Psr\Clock\ClockInterface;

/** Children are moved to other places, all of them or none: what depends on the place is looked at again. */
final readonly class SeatFamily
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<string, string> $places letter => place
     * @param array<string, string> $heldBy letter => what is to hold the seat, where that is new
     * @return list<string> letters of those that moved
     * @throws UnreadableAnswer when the car has no such place, or the family has left
     */
    public function __invoke(Visit $visit, array $places, array $heldBy, User $author): array
    {
        return DB::transaction(function () use ($visit, $places, $heldBy, $author): array {
            $moved = [];
            foreach ($visit->checks as $check) {
                OpenCheck::write($check, function (Check $check) use ($places, $heldBy, $author, &$moved): void {
                    $setup = $check->caseOf(Track::Left)->case->setup;
                    $to = $places[$check->letter] ?? null;
                    if ($to !== null && $to !== $setup?->position) {
                        $this->note($check, 'setup.position', $to, $author);
                        $moved[] = $check->letter;
                    }
                    $way = $heldBy[$check->letter] ?? null;
                    if ($way !== null && $to !== null && $setup?->heldBy === null) {
                        $this->note($check, 'setup.held_by', $way, $author);
                    }
                });
            }

            return $moved;
        });
    }

    private function note(Check $check, string $key, string $value, User $author): void
    {
        NoteFact::append($check, Str::uuid7()->toString(), Track::Left, $key, $value, $author, $this->clock->now());
        try {
            $check->caseOf(Track::Left);
        } catch (InvalidCase $e) {
            throw new UnreadableAnswer('This ' . $e->problems[0]->message . '.');
        }
    }
}
