<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\Fact;
use MintBuckle\Core\Record\InspectionPhase;

/** Every entry of a check, latest first, with its author and its time. */
final readonly class LogPage
{
    /** @var list<LogLine> */
    public array $lines;

    /** @param bool $mayBecomeDrill whether who reads it may give it to learners, without names */
    public function __construct(public Check $check, public bool $mayBecomeDrill = false)
    {
        $case = AssembleCase::read($check, InspectionPhase::Left);
        $undone = array_values(array_filter($check->facts->map(static fn(Fact $f): ?string => $f->undoes)->all()));
        $this->lines = array_map(
            static fn(Fact $f): LogLine => LogLine::of($f, $undone, $case),
            array_reverse(array_values($check->facts->all())),
        );
    }
}
