<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Http\Requests\PlainRequest;
use App\Http\Requests\PracticeRequest;
use App\Http\Requests\PracticeSetRequest;
use App\Models\Check;
use App\Models\PracticeSet;
use App\Practice\BeginDrill;
use App\Practice\CheckDrill;
use App\Practice\ClassPage;
use App\Practice\ClassSheet;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
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

    /** A real check of the past, without names; the coordinator alone says for the organisation that it may. */
    public function ofCheck(PracticeRequest $request, Check $check, ClockInterface $clock): RedirectResponse
    {
        $request->validate(['consent' => ['accepted']], ['consent.*' => Telling::now()->word('refused.practice.consent')]);
        try {
            $item = CheckDrill::item($check->load('visit.event.recallList'));
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.log', $check)->withErrors(['consent' => $e->getMessage()]);
        }
        PracticeSet::query()->insertOrIgnore([
            'id' => $request->id(),
            'title' => Telling::now()->word('practice.class.real'),
            'items' => json_encode([$item], JSON_THROW_ON_ERROR),
            'made_by' => $request->author()->id,
            'made_at' => $clock->now(),
        ]);

        return redirect()->route('practice.class.show', $request->id());
    }

    public function show(PracticeRequest $request, PracticeSet $set, Units $units): View
    {
        $page = ClassPage::of($set, $request->practiser());

        return view('pages.practice.class', ['page' => $page, 'shown' => $page->shown($units)]);
    }

    public function begin(PracticeRequest $request, PracticeSet $set, int $item, BeginDrill $begin): RedirectResponse
    {
        return redirect()->route('practice.show', $begin->ofClass($request->id(), $request->arriving(), $set, $item));
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
    public function sheet(PlainRequest $request, PracticeSet $set): View
    {
        return view('pages.practice.sheet', ['sheet' => new ClassSheet($set)]);
    }
}
