<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;

/** What may be wrong with one part of a set-up: the errors that this fact can show, and plausible ones of the same station beside them. */
final readonly class Neighbours
{
    private const SHOWN = 5;

    public function __construct(private Scene $scene) {}

    /**
     * @param string $path of the fact that was pressed
     * @return list<Code> in order of the alphabet, which tells nothing
     */
    public function of(string $path): array
    {
        $rulebook = Rulebook::current();
        $own = $beside = [];
        foreach (array_keys(DrillWeights::all($rulebook)) as $value) {
            $code = Code::of($value);
            $paths = ErrorFacts::of($code, $this->scene->assessment->situation);
            if (in_array($path, $paths, true)) {
                $own[] = $code;
            } elseif ($this->isKnown($paths)) {
                $beside[] = $code;
            }
        }
        $stations = array_map(static fn(Code $code): string => $code->station()->value, $own);
        $rank = static fn(Code $code): array => [
            in_array($code->station()->value, $stations, true) ? 0 : 1,
            crc32($path . $code->value),
        ];
        usort($beside, static fn(Code $a, Code $b): int => $rank($a) <=> $rank($b));
        $all = [...$own, ...array_slice($beside, 0, max(1, self::SHOWN - count($own)))];
        usort($all, static fn(Code $a, Code $b): int => $a->value <=> $b->value);

        return $own === [] ? [] : $all;
    }

    /** @param list<string> $paths */
    private function isKnown(array $paths): bool
    {
        return array_filter($paths, fn(string $path): bool => CasePath::get($this->scene->case, $path) !== null) !== [];
    }
}
