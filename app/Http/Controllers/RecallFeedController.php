<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecallFeedRequest;
use App\Recalls\Work\FetchFeed;
use Illuminate\Http\RedirectResponse;

final readonly class RecallFeedController
{
    public function store(RecallFeedRequest $request): RedirectResponse
    {
        $import = $request->toImport();
        FetchFeed::dispatch($import->id, $request->behaviour());

        return redirect()->route('recalls.imports.show', $import);
    }
}
