<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Http\Requests\PracticeRequest;
use App\Models\PracticeAttempt;
use App\Practice\DrillPage;
use App\Practice\WorkDrill;
use App\Units;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What is done at a drill; the page's part comes back for htmx, the whole page without. */
final readonly class PracticeWorkController
{
    public function __construct(private WorkDrill $work, private Units $units) {}

    public function look(PracticeRequest $request, PracticeAttempt $attempt): Response|RedirectResponse
    {
        return $this->after($request, $attempt, fn() => $this->work->look($attempt, $request->look()));
    }

    public function name(PracticeRequest $request, PracticeAttempt $attempt): Response|RedirectResponse
    {
        return $this->after($request, $attempt, fn() => $this->work->name($attempt, $request->path(), $request->code()));
    }

    public function mend(PracticeRequest $request, PracticeAttempt $attempt): Response|RedirectResponse
    {
        return $this->after(
            $request,
            $attempt,
            fn() => $this->work->mend($attempt, $request->path(), $request->typed(), $request->person()),
        );
    }

    public function aside(PracticeRequest $request, PracticeAttempt $attempt): Response|RedirectResponse
    {
        return $this->after($request, $attempt, fn() => $this->work->putAside($attempt, $request->code()));
    }

    public function end(PracticeRequest $request, PracticeAttempt $attempt): Response|RedirectResponse
    {
        return $this->after($request, $attempt, fn() => $this->work->end($attempt, $request->person()));
    }

    /** @param Closure(): void $do may refuse */
    private function after(PracticeRequest $request, PracticeAttempt $attempt, Closure $do): Response|RedirectResponse
    {
        $request->mine($attempt);
        $problem = null;
        try {
            $do();
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }
        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('practice.show', $attempt)->with(['problem' => $problem, 'problemAt' => $request->path()]);
        }
        $page = new DrillPage($attempt, $this->units, $problem, $request->path());

        return response(view('pages.practice.show', ['page' => $page])->fragment('drill'), $problem === null ? 200 : 422);
    }
}
