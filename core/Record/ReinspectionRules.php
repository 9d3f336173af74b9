<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\FactDefinitions;

/** What must be looked at again once a fact was put right, as the facts themselves declare it. */
final readonly class ReinspectionRules
{
    /**
     * @param array<string, list<string>> $byLook name of a look => paths of the facts that it shows
     * @param array<string, list<string>> $disturbed path => names of the looks that its change disturbs
     */
    private function __construct(private array $byLook, private array $disturbed) {}

    public static function standard(): self
    {
        /** @var self|null $made once: the declarations never change */
        static $made = null;

        return $made ??= self::declared();
    }

    /** @return list<string> paths to be looked at again after this fact was changed */
    public function after(string $path): array
    {
        $stale = array_merge([], ...array_map(fn(string $look): array => $this->byLook[$look] ?? [], $this->disturbed[$path] ?? []));

        return array_values(array_unique($stale));
    }

    /** @return list<string> every fact whose change makes others stale */
    public function changes(): array
    {
        return array_keys($this->disturbed);
    }

    private static function declared(): self
    {
        [$byLook, $disturbed] = [[], []];
        foreach (FactDefinitions::below(CaseFile::class) as $path => $fact) {
            foreach ($fact->field->staleWith->looks ?? [] as $look) {
                $byLook[$look->name][] = $path;
            }
            foreach ($fact->field->disturbs->looks ?? [] as $look) {
                $disturbed[$path][] = $look->name;
            }
        }

        return new self($byLook, $disturbed);
    }
}
