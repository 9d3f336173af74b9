<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * What a rule may find: the code with all that belongs to it.
 *
 * @phpstan-import-type Told from Message
 */
final readonly class Finds
{
    /**
     * @param non-empty-list<Severity> $severities that it may have
     * @param list<string> $mendedBy paths of the facts to enter afresh once it was put right; a star stands for the mode or place in use,
     *                               {subject} for the finding's subject
     * @param list<string> $ownFigures paths of the seat's own figures that would be held against, where its manual may say otherwise;
     *                                 {facing} stands for rear or forward
     * @param non-empty-list<Source> $sources what stands behind the rule; what a maker, a law or an organisation says is cited beside it
     * @param array<string, Told> $figures by name: what the rule counts with
     * @param string|null $subject of the findings that alone are mended by these facts
     */
    public function __construct(
        public Code $code,
        public array $severities,
        public array $mendedBy = [],
        public array $ownFigures = [],
        public array $sources = [Source::Common],
        public array $figures = [],
        public ?string $subject = null,
    ) {}

    /** @return non-empty-list<Citation> */
    public function citations(): array
    {
        return array_map(static fn(Source $source): Citation => $source->cite(), $this->sources);
    }

    /** The marks of its sources, with the works they stand for. */
    public function mark(): Listing
    {
        return Listing::clauses(array_map(static fn(Citation $citation): Message|string => $citation->marked(), $this->citations()));
    }
}
