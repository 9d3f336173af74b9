<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** A source as a finding or a figure cites it. */
final readonly class Citation
{
    public SourceKind $kind;

    public string $text;

    /** @param string|null $of which campaign, or whose practice */
    public function __construct(public Source $source, public ?string $of = null)
    {
        $this->kind = $source->kind();
        $this->text = match (true) {
            $source === Source::RecallList && $of !== null => "recall list, campaign {$of}",
            $source === Source::OwnPractice && $of !== null => "the practice {$of}, as its organisation set it",
            $this->kind === SourceKind::Memory => $source->title() . ' (from memory)',
            default => $source->title(),
        };
    }

    /** "C", or the mark with the work it stands for. */
    public function marked(): string
    {
        return $this->kind === SourceKind::Common ? $this->kind->mark() : "{$this->kind->mark()}: {$this->text}";
    }
}
