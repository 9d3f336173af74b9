<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** Text of one form. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class Like
{
    /**
     * @param string $pattern a regular expression from first character to last, without anchors
     * @param string $words what it must be, to follow "must be"
     */
    public function __construct(public string $pattern, public string $words) {}

    public function matches(string $text): bool
    {
        return preg_match("/\A{$this->pattern}\z/", $text) === 1;
    }
}
