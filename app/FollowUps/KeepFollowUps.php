<?php

declare(strict_types=1);

namespace App\FollowUps;

use App\Checks\JudgedCheck;
use App\Models\FollowUp;
use MintBuckle\Core\Finding\Verdict;

/** As a seat leaves, or more is learnt of it: when its family is to be told. Whoever was told stays told. */
final readonly class KeepFollowUps
{
    public static function of(JudgedCheck $judged): void
    {
        $left = $judged->assessment;
        $mode = $left->situation->mode;
        if ($left->verdict === Verdict::DoNotUse || $mode === null) {
            return;
        }
        $outgrown = $left->computed()->outgrown[$mode->value]->likely ?? null;
        $days = array_filter([
            FollowUpKind::Outgrown->value => $outgrown === null ? null : "{$outgrown}-01",
            FollowUpKind::Expires->value => $left->computed()->expiresOn?->__toString(),
        ]);
        $rows = [];
        foreach ($days as $kind => $day) {
            $rows[] = ['check_id' => $judged->check->id, 'kind' => $kind, 'due_on' => $day];
        }
        FollowUp::query()->upsert($rows, ['check_id', 'kind'], ['due_on']);
    }
}
