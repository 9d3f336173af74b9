<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use LogicException;
use ReflectionClass;

/** The fields of a class of facts, in the order of its constructor. Reflection is slow: what it finds is compiled by bin/generate. */
final class Fields
{
    /** @var array<class-string, array<string, Field>> */
    private static array $found = [];

    /**
     * @param class-string $class
     * @return array<string, Field> by key
     */
    public static function of(string $class): array
    {
        return self::$found[$class] ??= CompiledFields::of($class) ?? self::declared($class);
    }

    /**
     * What the class itself declares, whatever was compiled.
     *
     * @param class-string $class
     * @return array<string, Field>
     */
    public static function declared(string $class): array
    {
        $reflection = new ReflectionClass($class);
        $fields = [];
        foreach ($reflection->getConstructor()?->getParameters() ?? throw new LogicException("{$class} has no facts") as $parameter) {
            $field = Field::of($parameter, $reflection->getProperty($parameter->getName()));
            $fields[$field->key] = $field;
        }

        return $fields;
    }
}
