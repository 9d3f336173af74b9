<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\JudgedCheck;
use App\Models\Check;
use App\Models\Visit;
use MintBuckle\Core\Telling\Message;

/** The take-home sheet: for each child what was found, what was changed, how to repeat it, and the dates ahead. */
final readonly class SheetPage
{
    /** @var list<SheetChild> */
    public array $children;

    /** @var array<string, SheetSince|null> what was added since it was signed, by letter */
    public array $since;

    /**
     * @param array<string, JudgedCheck> $judged by check
     * @param array<string, string> $names of people, by sign-in name
     * @param non-empty-list<string> $languages in which it is printed, the family's first
     * @param array<string, string> $known every language's own name for itself
     */
    public function __construct(public Visit $visit, array $judged, array $names, public array $languages, public array $known)
    {
        $this->children = array_values(
            $visit->checks->map(static fn(Check $check): SheetChild => SheetChild::of($judged[$check->id], $names))->all(),
        );
        $since = [];
        foreach ($judged as $one) {
            $child = $this->children[count($since)] ?? null;
            $since[$one->check->letter] = $child === null ? null : SheetSince::of($one, $child->verdict);
        }
        $this->since = $since;
    }

    /** Why the family left with something open. */
    public function leftBecause(): Message|string
    {
        return DeparturePage::told((string) $this->visit->left_because);
    }
}
