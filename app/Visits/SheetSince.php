<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\JudgedCheck;
use App\Checks\LogLine;
use App\Models\Fact;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Verdict;

/** What was added to a signed check, beside what was signed: each entry with reason and author, and what is known now where it is worse. */
final readonly class SheetSince
{
    /**
     * @param list<LogLine> $lines in the order in which they came
     * @param Verdict $verdict the worse of what was signed and what is known now
     * @param list<SheetLine> $found what is open now and was not when it was signed
     */
    private function __construct(public array $lines, public Verdict $verdict, public bool $isWorse, public array $found) {}

    /** @return self|null null where nothing was added */
    public static function of(JudgedCheck $judged, Verdict $signed): ?self
    {
        $check = $judged->check;
        $added = $check->signed_at === null
            ? []
            : array_values($check->facts->filter(static fn(Fact $fact): bool => $fact->amends)->all());
        if ($added === []) {
            return null;
        }
        $kept = is_array($check->assessment['findings'] ?? null) ? $check->assessment['findings'] : [];
        $before = array_column(array_filter($kept, is_array(...)), 'code');

        return new self(
            array_map(static fn(Fact $fact): LogLine => LogLine::of($fact, [], $judged->folded->case), $added),
            $judged->assessment->verdict->worse($signed),
            $judged->assessment->verdict->isWorseThan($signed),
            array_values(array_map(
                static fn(Finding $f): SheetLine => SheetLine::of($f),
                array_filter(
                    $judged->assessment->findings,
                    static fn(Finding $f): bool => $f->severity->isError()
                        && ! in_array($f->code->value, $before, true),
                ),
            )),
        );
    }
}
