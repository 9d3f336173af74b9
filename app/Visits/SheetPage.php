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

    /**
     * @param array<string, JudgedCheck> $judged by check
     * @param array<string, string> $names of people, by sign-in name
     */
    public function __construct(public Visit $visit, array $judged, array $names)
    {
        $this->children = array_values(
            $visit->checks->map(static fn(Check $check): SheetChild => SheetChild::of($judged[$check->id], $names))->all(),
        );
    }

    /** Why the family left with something open. */
    public function leftBecause(): Message|string
    {
        return DeparturePage::told((string) $this->visit->left_because);
    }
}
