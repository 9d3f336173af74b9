<?php

declare(strict_types=1);

namespace App\Actions;

use App\Answers\UnreadableAnswer;
use App\Beside;
use App\Models\Check;
use App\Models\User;
use App\Track;
use Psr\Clock\ClockInterface;

/** Keeps a word beside the facts: a finding that the family declined, with its reason, or a step of the card that was done. */
final readonly class NoteBeside
{
    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer when the family has left, or declines without a reason */
    public function __invoke(Check $check, Track $track, string $id, Beside $beside, string $subject, bool $holds, ?string $reason, User $author): void
    {
        if ($beside === Beside::Declined && $holds && $reason === null) {
            throw new UnreadableAnswer('Write down why the family declines; it still counts as open.');
        }
        OpenCheck::write($check, function (Check $check) use ($track, $id, $beside, $subject, $holds, $reason, $author): void {
            NoteFact::append($check, $id, $track, $beside->key($subject), $holds ?: null, $author, $this->clock->now(), $reason);
        });
    }
}
