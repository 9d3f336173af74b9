<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** A rule in the handbook: its title and what it looks for; its weight, the mark of its source and its figures are the rule's own. */
final readonly class RuleText
{
    private function __construct(
        public Code $code,
        public Message $title,
        public Message $when,
        public Message $weighs,
        public Listing $mark,
    ) {}

    public static function of(Code $code): self
    {
        $finds = Rulebook::current()->finds($code);

        return new self(
            $code,
            new Message("findings.{$code->value}.title"),
            new Message("findings.{$code->value}.when", $finds->figures),
            new Message("findings.{$code->value}.weighs", otherwise: 'weighs.' . self::heaviest($finds->severities)->value),
            $finds->mark(),
        );
    }

    /** @param non-empty-list<Severity> $severities */
    private static function heaviest(array $severities): Severity
    {
        usort($severities, static fn(Severity $a, Severity $b): int => $a->rank() <=> $b->rank());

        return $severities[0];
    }
}
