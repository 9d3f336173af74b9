<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\RecallFollowUp;
use App\Models\RecallList;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class FollowUpController
{
    public function update(Request $request, RecallList $list, string $check, ClockInterface $clock): RedirectResponse
    {
        $told = $request->boolean('told');
        RecallFollowUp::query()
            ->where('recall_list_id', $list->id)
            ->where('check_id', $check)
            ->update(['told_at' => $told ? $clock->now() : null, 'told_by' => $told ? $request->user()?->getAuthIdentifier() : null]);

        return redirect()->back(fallback: route('recalls'))->withFragment('follow-up');
    }
}
