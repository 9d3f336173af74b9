<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecallFeedRequest;
use App\Recalls\FetchRecallFeed;
use Illuminate\Http\RedirectResponse;

final readonly class RecallFeedController
{
    public function store(RecallFeedRequest $request): RedirectResponse
    {
        $import = $request->toImport();
        $behaviour = $request->behaviour();
        dispatch(static fn(FetchRecallFeed $fetch) => $fetch($import, $behaviour))->afterResponse();

        return redirect()->route('recalls.imports.show', $import);
    }
}
