<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** Every fact below a class of facts, in the order in which the classes declare them. Found once. */
final class FactDefinitions
{
    /** @var array<class-string, array<string, FactDefinition>> */
    private static array $found = [];

    /**
     * @param class-string $root
     * @return array<string, FactDefinition> by path; sections and lists stand before what they hold
     */
    public static function below(string $root): array
    {
        if (! isset(self::$found[$root])) {
            $found = [];
            self::find($root, '', null, $found);
            self::$found[$root] = $found;
        }

        return self::$found[$root];
    }

    /**
     * @param class-string $class
     * @param array<string, FactDefinition> $found
     */
    private static function find(string $class, string $prefix, ?Ride $ride, array &$found): void
    {
        foreach (Fields::of($class) as $field) {
            $path = $prefix . $field->key;
            $within = $field->ride ?? $ride;
            $found[$path] = new FactDefinition($path, $field, $within);
            if ($field->holdsSections()) {
                self::find($field->section(), $path . ($field->type === FieldType::Section ? '.' : '.*.'), $within, $found);
            }
        }
    }
}
