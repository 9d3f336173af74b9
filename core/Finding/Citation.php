<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Telling\Message;

/** A source as a finding or a figure cites it. */
final readonly class Citation
{
    public SourceKind $kind;

    /** @param string|null $of which campaign, or whose practice */
    public function __construct(public Source $source, public ?string $of = null)
    {
        $this->kind = $source->kind();
    }

    /** The work and the place in it; said where it was written down from memory. */
    public function text(): Message
    {
        return match (true) {
            $this->of !== null && ($this->source === Source::RecallList || $this->source === Source::OwnPractice)
                => new Message("sources.{$this->source->value}_of", ['of' => $this->of]),
            $this->kind === SourceKind::Memory => new Message('sources.from_memory', ['source' => $this->source->title()]),
            default => $this->source->title(),
        };
    }

    /** "C", or the mark with the work it stands for. */
    public function marked(): Message|string
    {
        return $this->kind === SourceKind::Common
            ? $this->kind->mark()
            : new Message('sources.marked', ['mark' => $this->kind->mark(), 'source' => $this->text()]);
    }
}
