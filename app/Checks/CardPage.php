<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Units;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** The installation card of a check, step by step, each ticked as it is done. A step that the facts have changed since is another step. */
final readonly class CardPage
{
    /** @var list<array{number: int, step: CardStep, subject: string, done: bool}>|null null while seat, mode or place is not known */
    public ?array $steps;

    public Check $check;

    /** @var list<Message> */
    public array $takingOut;

    public ?Changeover $changeover;

    public bool $signed;

    /** @var list<Listing> why no child may ride in it as it stands */
    public array $stops;

    /** What the steps do not follow, or lack. */
    public ?Message $notice;

    public function __construct(JudgedCheck $judged, public StepPerformer $performer, public Units $units, public ?string $problem = null)
    {
        $check = $this->check = $judged->check;
        $left = $judged->assessment;
        $facts = $judged->folded->facts;
        $card = $left->computed()->card;
        $this->steps = $card === null ? null : array_map(fn(int $i, CardStep $step): array => [
            'number' => $i + 1,
            'step' => $step,
            'subject' => $subject = $performer->value . '.' . substr(
                sha1(($i + 1) . json_encode(Keeping::toJson($step->step()), JSON_THROW_ON_ERROR)),
                0,
                12,
            ),
            'done' => $facts->latest(AnnotationKind::Ticked->key($subject))?->value() === true,
        ], array_keys($card), $card);
        $this->notice = InstallationCard::notice($left->situation);
        $this->stops = array_values(array_map(
            static fn(Finding $f): Listing => Listing::sentences([$f->message(), $f->remedy()]),
            array_filter($left->findings, static fn(Finding $f): bool => $f->severity === Severity::Stop),
        ));
        $this->takingOut = TakingOut::of($left->situation);
        $this->changeover = $left->computed()->changeover;
        $this->signed = $check->signed_at !== null;
    }

    /** The technician's own; what the family shows back is in the family's. */
    public function language(): string
    {
        return $this->performer === StepPerformer::Family ? $this->check->visit->language : app()->getLocale();
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
