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
        return self::$found[$root] ??= self::find($root, '', null);
    }

    /**
     * @param class-string $class
     * @return array<string, FactDefinition>
     */
    private static function find(string $class, string $prefix, ?Ride $ride): array
    {
        $found = [];
        foreach (Fields::of($class) as $field) {
            $path = $prefix . $field->key;
            $within = $field->ride ?? $ride;
            $found[$path] = new FactDefinition($path, $field, $within);
            if ($field->holdsSections()) {
                $found += self::find($field->section(), $path . ($field->type === FieldType::Section ? '.' : '.*.'), $within);
            }
        }

        return $found;
    }
}
