<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** A fact a rule still needs: its dotted path in the case file, and the worst that the answer could bring to light. */
final readonly class Question
{
    public function __construct(public string $path, public Station $station, public Severity $couldBe = Severity::Fix) {}
}
