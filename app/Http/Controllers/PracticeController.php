<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeRequest;
use App\Models\PracticeAttempt;
use App\Practice\BeginDrill;
use App\Practice\DrillPage;
use App\Practice\Learner;
use App\Practice\PracticePage;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Practice: what is wrong here? */
final readonly class PracticeController
{
    public function index(PracticeRequest $request, Learner $learner): View
    {
        return view('pages.practice.index', ['page' => PracticePage::of($request->author(), $learner)]);
    }

    public function store(PracticeRequest $request, BeginDrill $begin): RedirectResponse
    {
        return redirect()->route('practice.show', $begin(
            $request->id(),
            $request->author(),
            $request->seed(),
            $request->level(),
            $request->fixed(),
            $request->repeat(),
        ));
    }

    public function show(PracticeRequest $request, PracticeAttempt $attempt, Units $units): View
    {
        $request->mine($attempt);
        [$problem, $at] = [session('problem'), session('problemAt')];

        return view('pages.practice.show', ['page' => new DrillPage(
            $attempt,
            $units,
            is_string($problem) ? $problem : null,
            is_string($at) ? $at : null,
        )]);
    }
}
