<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecallFileRequest;
use App\Models\RecallImport;
use App\Recalls\ImportPage;
use App\Recalls\ImportState;
use App\Recalls\Progress;
use App\Recalls\Work\ReadList;
use App\Recalls\Work\TakeList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class RecallImportController
{
    public function store(RecallFileRequest $request): RedirectResponse
    {
        $import = $request->toImport();
        ReadList::dispatch($import->id);

        return redirect()->route('recalls.imports.show', $import);
    }

    public function show(Request $request, RecallImport $import, Progress $progress): View|Response
    {
        $page = view('pages.recalls.import', ['page' => ImportPage::of($import, $progress)]);

        return $request->hasHeader('HX-Request') ? response($page->fragment('import')) : $page;
    }

    public function update(RecallImport $import): RedirectResponse
    {
        if (
            RecallImport::query()
                ->where('id', $import->id)
                ->where('state', ImportState::Ready)
                ->update(['state' => ImportState::Taking]) === 1
        ) {
            TakeList::dispatch($import->id);
        }

        return redirect()->route('recalls.imports.show', $import);
    }

    public function destroy(RecallImport $import, Progress $progress): RedirectResponse
    {
        $progress->cancel($import);
        if ($import->state === ImportState::Ready || $progress->isDead($import)) {
            $import->update(['state' => ImportState::Cancelled]);
        }

        return redirect()->route('recalls.imports.show', $import);
    }
}
