<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\User;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;
use Psr\Clock\ClockInterface;

/** Takes the last entry of a phase back, by a new fact that says so; both stay in the log. Pressed again, it takes back the one before. */
final readonly class UndoFact
{
    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer when there is nothing to take back, or somebody entered something since the page was made */
    public function __invoke(Check $check, InspectionPhase $phase, string $id, string $undoes, User $author): void
    {
        OpenCheck::write($check, function (Check $check) use ($phase, $id, $undoes, $author): void {
            if (array_filter($check->logged(), static fn(LoggedFact $fact): bool => $fact->undoes === $undoes) !== []) {
                return;
            }
            $last = $check->log($phase)->last($phase) ?? throw UnreadableAnswer::because('nothing_to_undo');
            if ($last->id !== $undoes) {
                throw UnreadableAnswer::because('entered_meanwhile');
            }
            NoteFact::append($check, $id, $phase, $last->key, null, $author, $this->clock->now(), undoes: $undoes);
        });
    }
}
