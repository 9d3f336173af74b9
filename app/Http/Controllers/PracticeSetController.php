<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeRequest;
use App\Http\Requests\PracticeSetRequest;
use App\Models\PracticeSet;
use App\Practice\BeginDrill;
use App\Practice\ClassPage;
use App\Practice\ClassSheet;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Drills that an instructor gives a class. */
final readonly class PracticeSetController
{
    public function create(): View
    {
        return view('pages.practice.class-new');
    }

    public function store(PracticeSetRequest $request, ClockInterface $clock): RedirectResponse
    {
        $items = $request->items();
        if ($items === []) {
            return redirect()->route('practice.class.create')->withInput()
                ->withErrors(['drawn' => Telling::now()->word('refused.practice.class_empty')]);
        }
        PracticeSet::query()->insertOrIgnore([
            'id' => $request->id(),
            'title' => $request->string('title')->trim()->toString(),
            'items' => json_encode($items, JSON_THROW_ON_ERROR),
            'made_by' => $request->author()->id,
            'made_at' => $clock->now(),
        ]);

        return redirect()->route('practice.class.show', $request->id());
    }

    public function show(PracticeRequest $request, PracticeSet $set): View
    {
        return view('pages.practice.class', ['page' => ClassPage::of($set, $request->author())]);
    }

    public function begin(PracticeRequest $request, PracticeSet $set, int $item, BeginDrill $begin): RedirectResponse
    {
        return redirect()->route('practice.show', $begin->ofClass($request->id(), $request->author(), $set, $item));
    }

    /** All answer the same one now; the instructor alone says which. */
    public function together(PracticeRequest $request, PracticeSet $set): RedirectResponse
    {
        abort_if($set->made_by !== $request->author()->id, 403);
        $item = $request->filled('item') ? max(0, min(count($set->items) - 1, $request->integer('item'))) : null;
        $set->update(['together' => $item]);

        return redirect()->route('practice.class.show', $set);
    }

    /** On paper, with the key on a page of its own. */
    public function sheet(Request $request, PracticeSet $set): View
    {
        return view('pages.practice.sheet', ['sheet' => new ClassSheet($set)]);
    }
}
