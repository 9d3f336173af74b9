<?php

declare(strict_types=1);

namespace App\Checks;

/**
 * A form field's name, and what follows from it: "children[0][weight]" is "children.0.weight" to the validator and "f-children-0-weight"
 * on the page.
 */
final readonly class FieldName
{
    public string $dotted;

    public string $id;

    public function __construct(public string $name)
    {
        $this->dotted = str_replace(['[', ']'], ['.', ''], $name);
        $this->id = 'f-' . str_replace('.', '-', $this->dotted);
    }

    /** The field that a dotted key of typed calculator facts came from: the path itself holds dots, the last part is how it was typed. */
    public static function ofTyped(string $key): string
    {
        preg_match('/\A(.*?)\.(answer|answers\.\d+|amount|unit|lines|name)\z/', $key, $m);

        return isset($m[2]) ? "f[{$m[1]}][" . (str_starts_with($m[2], 'answers.') ? 'answers][]' : $m[2] . ']') : 'f[]';
    }
}
