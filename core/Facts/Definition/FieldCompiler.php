<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use ReflectionClass;
use ReflectionMethod;
use UnitEnum;

/** Writes what the classes of facts declare as PHP that needs no reflection: the source of CompiledFields. */
final readonly class FieldCompiler
{
    /** @param class-string $root every class of facts below it is compiled */
    public static function source(string $root): string
    {
        $arms = '';
        foreach (self::classes($root) as $class) {
            $arms .= "            \\{$class}::class => [\n";
            foreach (Fields::declared($class) as $key => $field) {
                $arms .= "                '{$key}' => " . self::value($field) . ",\n";
            }
            $arms .= "            ],\n";
        }

        return <<<PHP
            <?php

            declare(strict_types=1);

            namespace MintBuckle\\Core\\Facts\\Definition;

            /** What the classes of facts declare, without reflection. Made by bin/generate, never edited. */
            final readonly class CompiledFields
            {
                /**
                 * @param class-string \$class
                 * @return array<string, Field>|null by key; null for a class that is not compiled
                 */
                public static function of(string \$class): ?array
                {
                    return match (\$class) {
            {$arms}            default => null,
                    };
                }
            }

            PHP;
    }

    /**
     * @param class-string $root
     * @return list<class-string> each once, in the order in which they are met
     */
    private static function classes(string $root): array
    {
        $classes = [$root];
        for ($i = 0; $i < count($classes); $i++) {
            foreach (Fields::declared($classes[$i]) as $field) {
                if ($field->holdsSections() && ! in_array($field->section(), $classes, true)) {
                    $classes[] = $field->section();
                }
            }
        }

        return $classes;
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            $value instanceof UnitEnum => '\\' . $value::class . "::{$value->name}",
            is_object($value) => self::object($value),
            is_array($value) => '[' . implode(', ', array_map(self::value(...), $value)) . ']',
            is_string($value) && class_exists($value) => "\\{$value}::class",
            is_string($value) && enum_exists($value) => "\\{$value}::class",
            default => var_export($value, true),
        };
    }

    /** By its constructor, whose parameters are its properties; those at their default are left out. */
    private static function object(object $object): string
    {
        $class = new ReflectionClass($object);
        $constructor = $class->getConstructor();
        $arguments = [];
        foreach ($constructor instanceof ReflectionMethod ? $constructor->getParameters() : [] as $parameter) {
            $value = get_object_vars($object)[$parameter->getName()];
            if ($parameter->isVariadic()) {
                array_push($arguments, ...array_map(self::value(...), is_array($value) ? array_values($value) : []));
            } elseif (! $parameter->isDefaultValueAvailable() || $parameter->getDefaultValue() !== $value) {
                $arguments[] = "{$parameter->getName()}: " . self::value($value);
            }
        }

        return 'new ' . $class->getShortName() . '(' . implode(', ', $arguments) . ')';
    }
}
