<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use Generator;
use stdClass;

/**
 * A JSON object with one long list in it, read item by item as it comes: however long the file, memory holds one item. Each item and the
 * rest are read as every other file is: no key twice, numbers as they are written, no deeper than that.
 *
 * An item that is broken comes as what is wrong with it, and the rest goes on; what comes back in the end is the object without the list.
 *
 * @phpstan-type Items Generator<int, stdClass|InvalidCase, mixed, stdClass>
 */
final class JsonList
{
    private bool $isListed = false;

    private function __construct(private readonly JsonScanner $scan, private readonly string $list) {}

    /**
     * @param Generator<int, string> $chunks of the file, in order
     * @param string $list key of the long list
     * @return Items
     * @throws InvalidCase while it is gone through, when the file itself is broken
     */
    public static function read(Generator $chunks, string $list): Generator
    {
        return (new self(JsonScanner::of($chunks), $list))->items();
    }

    /** @return Items */
    private function items(): Generator
    {
        $rest = [];
        $this->scan->expect('{');
        if ($this->scan->next() === '}') {
            $this->scan->expect('}');
        } else {
            do {
                $key = $this->scan->next() === '"' ? $this->scan->value() : $this->scan->refuse('is not JSON: a key is missing');
                $this->scan->expect(':');
                if (json_decode($key) === $this->list && $this->scan->next() === '[') {
                    yield from $this->listed();
                } else {
                    $rest[] = "{$key}:{$this->scan->value()}";
                }
            } while ($this->goesOn('}'));
        }
        if ($this->scan->next() !== '') {
            $this->scan->refuse('is not JSON: something follows its end');
        }

        return JsonText::decode('{' . implode(',', $rest) . '}');
    }

    /** @return Generator<int, stdClass|InvalidCase> */
    private function listed(): Generator
    {
        if ($this->isListed) {
            $this->scan->refuse('is given more than once', $this->list);
        }
        $this->isListed = true;
        $this->scan->expect('[');
        if ($this->scan->next() === ']') {
            $this->scan->expect(']');

            return;
        }
        $index = 0;
        do {
            $where = "{$this->list}.{$index}";
            $isObject = $this->scan->next() === '{';
            $text = $this->scan->value();
            yield $index++ => $isObject ? self::item($text, $where) : new InvalidCase([new Problem($where, 'must be an object')]);
        } while ($this->goesOn(']'));
    }

    private static function item(string $text, string $where): stdClass|InvalidCase
    {
        try {
            return JsonText::decode($text);
        } catch (InvalidCase $e) {
            return new InvalidCase(array_map(
                static fn(Problem $p): Problem => new Problem($p->path === Problems::FILE ? $where : "{$where}.{$p->path}", $p->message),
                $e->problems,
            ));
        }
    }

    /** Whether a comma follows and not the end. */
    private function goesOn(string $end): bool
    {
        $next = $this->scan->next();
        $this->scan->expect($next === ',' ? ',' : $end);

        return $next === ',';
    }
}
