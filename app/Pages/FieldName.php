<?php

declare(strict_types=1);

namespace App\Pages;

/** A form field's name, and what follows from it: "children[0][weight]" is "children.0.weight" to the validator and "f-children-0-weight" on the page. */
final readonly class FieldName
{
    public string $dotted;

    public string $id;

    public function __construct(public string $name)
    {
        $this->dotted = str_replace(['[', ']'], ['.', ''], $name);
        $this->id = 'f-' . str_replace('.', '-', $this->dotted);
    }
}
