<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\Telling\Message;

/** One rule of a seat model as a person types it from a manual. */
final readonly class ModelField
{
    /**
     * @param string $path below the case format's seat section
     * @param list<int|string> $choices values of the format, for a choice
     */
    public function __construct(
        public string $path,
        public Message $label,
        public FieldKind $kind,
        public array $choices = [],
        public bool $isRequired = false,
    ) {}

    /** One of its choices, or yes or no. */
    public function answer(int|string $choice): Message
    {
        return new Message(
            preg_replace('/manual$/', "answers.{$choice}", $this->label->key) ?? $this->label->key,
            otherwise: "answers.{$choice}",
        );
    }
}
