<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\AssembleCase;
use App\Beside;
use App\FactLog;
use App\Hands;
use App\Models\Check;
use App\Track;
use App\Units;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Situation;

/** The installation card of a check, step by step, each ticked as it is done. A step that the facts have changed since is another step. */
final readonly class CardPage
{
    /** @var list<array{number: int, step: CardStep, subject: string, done: bool}>|null null while seat, mode or place is not known */
    public ?array $steps;

    /** @var list<string> */
    public array $takingOut;

    public ?Changeover $changeover;

    public bool $signed;

    /** What the steps do not follow, or lack. */
    public ?string $notice;

    public function __construct(public Check $check, public Hands $hands, public Units $units, public ?string $problem = null)
    {
        $situation = new Situation(AssembleCase::read($check, Track::Left));
        $facts = FactLog::of($check, Track::Left);
        $card = InstallationCard::of($situation);
        $this->steps = $card === null ? null : array_map(fn(int $i, CardStep $step): array => [
            'number' => $i + 1,
            'step' => $step,
            'subject' => $subject = $hands->value . '.' . substr(sha1(($i + 1) . $step->step), 0, 12),
            'done' => $facts->latest(Beside::Ticked->key($subject))?->value() === true,
        ], array_keys($card), $card);
        $this->notice = InstallationCard::notice($situation);
        $this->takingOut = TakingOut::of($situation);
        $this->changeover = Changeover::of($situation);
        $this->signed = $check->signed_at !== null;
    }

    public function done(): int
    {
        return count(array_filter(array_column($this->steps ?? [], 'done')));
    }

    public function isDone(): bool
    {
        return $this->steps !== null && $this->done() === count($this->steps);
    }

    /** The first step that is not done yet. */
    public function current(): ?int
    {
        foreach ($this->steps ?? [] as $step) {
            if (! $step['done']) {
                return $step['number'];
            }
        }

        return null;
    }
}
