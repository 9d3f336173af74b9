<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use stdClass;

/** A set-up with as many errors as its level says, and the same without them. The key is what the assessor itself finds. */
final readonly class Drill
{
    /**
     * @param stdClass $case as it is shown, in the case file's shape
     * @param stdClass $good the same without the errors
     * @param non-empty-list<string> $faults codes that stop or must be put right, in order of the alphabet
     * @param array<string, array<string, mixed>> $slips by code: the facts that were changed for it, path => value
     */
    public function __construct(public stdClass $case, public stdClass $good, public array $faults, public array $slips) {}
}
