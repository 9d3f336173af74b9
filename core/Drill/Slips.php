<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Finding\Code;

/**
 * How a set-up may go wrong so that an error is found: by facts that would mend it again, each turned to another of its answers. Small
 * slips and large ones both; which of them the assessor finds, and whether alone, is for it to say.
 */
final readonly class Slips
{
    public function __construct(private Scene $scene, private Throws $throws) {}

    /** @return list<array<string, mixed>> changes to try, each path => value in the file's shape */
    public function for(Code $code): array
    {
        $paths = ErrorFacts::of($code, $this->scene->assessment->situation);
        $otherwise = new Otherwise($this->scene);
        $changes = [];
        foreach ($this->throws->mixed($paths) as $path) {
            foreach ($this->throws->mixed($otherwise->than($path)) as $value) {
                $changes[] = [$path => $value];
            }
        }

        return $changes;
    }
}
