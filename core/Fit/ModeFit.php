<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** Whether one mode of a seat fits a child, and why not. */
final readonly class ModeFit
{
    public Truth $fits;

    /**
     * @param list<Breach> $breaches
     * @param list<string> $missing paths of facts that leave it open
     * @param HeldBy|null $onlyWhen the way of holding it fits with, where not every way does
     */
    public function __construct(public ModeName $mode, public array $breaches, public array $missing, public ?HeldBy $onlyWhen = null)
    {
        $this->fits = match (true) {
            $breaches !== [] => Truth::No,
            $missing !== [] => Truth::Unknown,
            default => Truth::Yes,
        };
    }

    /** @return list<Breach> */
    public function of(BreachKind $kind): array
    {
        return array_values(array_filter($this->breaches, static fn(Breach $b): bool => $b->kind === $kind));
    }

    /** @return list<Message> clauses: why it does not fit, or what is still unknown, or with which way of holding it fits */
    public function because(): array
    {
        return match ($this->fits) {
            Truth::No => array_map(static fn(Breach $b): Message => $b->why, $this->breaches),
            Truth::Unknown => array_map(
                static fn(string $path): Message => new Message('breaches.not_known', ['fact' => Questionnaire::named($path)]),
                $this->missing,
            ),
            Truth::Yes => $this->onlyWhen === null
                ? []
                : [new Message('breaches.only_held', ['held' => $this->onlyWhen])],
        };
    }
}
