<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Units;
use App\Visits\SheetChild;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Card\ShowBack;
use MintBuckle\Core\Card\ShownHow;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** The installation card of a check, step by step, each ticked as it is done. A step that the facts have changed since is another step. */
final readonly class CardPage
{
    /**
     * @var list<array{number: int, step: CardStep, subject: string, how: ShownHow|null, done: bool}>|null null while seat, mode or place
     *                                                                                                     is not known
     */
    public ?array $steps;

    /** @var ShowBack by everybody who will install it at home */
    public ShowBack $showBack;

    /** @var list<array{title: Message, when: Message, why: list<Message>}> what changes as the child grows */
    public array $next;

    public Check $check;

    /** @var list<Message> */
    public array $takingOut;

    public ?Changeover $changeover;

    public bool $signed;

    /** @var list<Listing> why no child may ride in it as it stands */
    public array $stops;

    /** What the steps do not follow, or lack. */
    public ?Message $notice;

    /** @param int $adult which of those who will install it at home, from 1 */
    public function __construct(
        JudgedCheck $judged,
        public StepPerformer $performer,
        public Units $units,
        public ?string $problem = null,
        public int $adult = 1,
    ) {
        $check = $this->check = $judged->check;
        $left = $judged->assessment;
        $facts = $judged->folded->facts;
        $card = $left->computed()->card;
        $this->steps = $card === null ? null : array_map(fn(int $i, CardStep $step): array => [
            'number' => $i + 1,
            'step' => $step,
            'subject' => $subject = self::subject($performer, $adult, $i, $step),
            'how' => $how = ShownHow::of($facts->latest(AnnotationKind::Ticked->key($subject))?->value()),
            'done' => $how === ShownHow::Alone,
        ], array_keys($card), $card);
        $this->showBack = self::shownBack($check, $card ?? [], $facts);
        $this->next = SheetChild::next($left->situation);
        $this->notice = InstallationCard::notice($left->situation);
        $this->stops = array_values(array_map(
            static fn(Finding $f): Listing => Listing::sentences([$f->message(), $f->remedy()]),
            array_filter($left->findings, static fn(Finding $f): bool => $f->severity === Severity::Stop),
        ));
        $this->takingOut = TakingOut::of($left->situation);
        $this->changeover = $left->computed()->changeover;
        $this->signed = $check->signed_at !== null;
    }

    /**
     * How far the family has shown the installation back.
     *
     * @param list<CardStep> $card
     */
    public static function shownBack(Check $check, array $card, FactLog $facts): ShowBack
    {
        $byAdult = [];
        foreach ($card === [] ? [] : range(1, $check->visit->adults) as $adult) {
            $byAdult[$adult] = array_map(
                static fn(int $i, CardStep $step): ?ShownHow => ShownHow::of(
                    $facts->latest(AnnotationKind::Ticked->key(self::subject(StepPerformer::Family, $adult, $i, $step)))?->value(),
                ),
                array_keys($card),
                $card,
            );
        }

        return new ShowBack($byAdult);
    }

    /** A step of the card as it stands, and whose hands: what the facts change is another step. */
    private static function subject(StepPerformer $performer, int $adult, int $index, CardStep $step): string
    {
        $hands = $performer->value . ($performer === StepPerformer::Family && $adult > 1 ? $adult : '');

        return "{$hands}." . substr(sha1(($index + 1) . json_encode(Keeping::toJson($step->step()), JSON_THROW_ON_ERROR)), 0, 12);
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
