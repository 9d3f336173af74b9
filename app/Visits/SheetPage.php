<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\CheckDrawings;
use App\Checks\JudgedCheck;
use App\Models\Check;
use App\Models\Visit;
use App\Units;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

/** The take-home sheet: for each child what was found, what was changed, how to repeat it, and the dates ahead. */
final readonly class SheetPage
{
    /** @var list<SheetChild> */
    public array $children;

    /** @var array<string, SheetSince|null> what was added since it was signed, by letter */
    public array $since;

    /** @var array<string, CheckDrawings> of how each seat leaves, by letter; those in which no child may ride have none */
    public array $drawings;

    /**
     * @param array<string, JudgedCheck> $judged by check
     * @param array<string, string> $names of people, by sign-in name
     * @param non-empty-list<string> $languages in which it is printed, the family's first
     * @param array<string, string> $known every language's own name for itself
     * @param string|null $link the family's own, to the same sheet; null before it has left
     * @param bool $isLarge in large print
     */
    public function __construct(
        public Visit $visit,
        array $judged,
        array $names,
        public array $languages,
        public array $known,
        public Units $units,
        public ?string $link = null,
        public bool $isLarge = false,
    ) {
        $this->children = array_values(
            $visit->checks->map(static fn(Check $check): SheetChild => SheetChild::of($judged[$check->id], $names))->all(),
        );
        $since = [];
        foreach ($judged as $one) {
            $child = $this->children[count($since)] ?? null;
            $since[$one->check->letter] = $child === null ? null : SheetSince::of($one, $child->verdict);
        }
        $this->since = $since;
        $drawings = [];
        foreach (array_values($judged) as $n => $one) {
            $verdict = $this->since[$one->check->letter]->verdict ?? $this->children[$n]->verdict ?? Verdict::DoNotUse;
            if ($verdict !== Verdict::DoNotUse) {
                $drawings[$one->check->letter] = new CheckDrawings(
                    $one->assessment->situation,
                    InspectionPhase::Left,
                    $units,
                    $one->folded->facts,
                );
            }
        }
        $this->drawings = $drawings;
    }

    /** Why the family left with something open. */
    public function leftBecause(): Message|string
    {
        return DeparturePage::told((string) $this->visit->left_because);
    }
}
