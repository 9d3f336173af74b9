<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** Reads sections that may be absent and lists of sections. */
trait ReadsSections
{
    /**
     * @template T of object
     * @param callable(Node): T $read
     * @return T|null
     */
    private static function maybe(?Node $node, callable $read): ?object
    {
        return $node === null ? null : $read($node);
    }

    /**
     * @template T of object
     * @param list<Node>|null $nodes
     * @param callable(Node): T $read
     * @return list<T>|null
     */
    private static function all(?array $nodes, callable $read): ?array
    {
        return $nodes === null ? null : array_map($read, $nodes);
    }
}
