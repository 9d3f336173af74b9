<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeCopyRequest;
use App\Models\PracticeCopy;
use App\Practices\KeepPracticeCopy;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Facts\PracticeCode;

/** The organisation's own copies of a practice. */
final readonly class PracticeCopyController
{
    public function index(): View
    {
        return view('pages.practices.index', ['copies' => PracticeCopy::query()->with('keeper')->orderBy('name')->get()]);
    }

    public function create(): View
    {
        $blank = new PracticeCopy(['name' => '', 'base' => PracticeCode::Us, 'figures' => [], 'sources' => []]);

        return view('pages.practices.edit', ['copy' => $blank]);
    }

    public function edit(PracticeCopy $copy): View
    {
        return view('pages.practices.edit', ['copy' => $copy]);
    }

    public function store(PracticeCopyRequest $request, KeepPracticeCopy $keep): RedirectResponse
    {
        return $this->kept($request, new PracticeCopy(), $keep);
    }

    public function update(PracticeCopyRequest $request, PracticeCopy $copy, KeepPracticeCopy $keep): RedirectResponse
    {
        return $this->kept($request, $copy, $keep);
    }

    private function kept(PracticeCopyRequest $request, PracticeCopy $copy, KeepPracticeCopy $keep): RedirectResponse
    {
        $keep($copy, $request->named(), $request->base(), $request->own(), $request->author());

        return redirect()->route('practices.index')->with('status', Telling::now()->word('accounts.kept'));
    }
}
