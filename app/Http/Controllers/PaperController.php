<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\PaperCheck;
use App\Checks\SeenAt;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Words\Telling;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/** An empty check on paper, for when everything fails, and what was written there typed in later. */
final readonly class PaperController
{
    public function show(): View
    {
        return view('pages.checks.paper', ['page' => PaperCheck::blank(CheckupEvent::current())]);
    }

    /** From now on what is typed into this check was seen at that time; without one it is seen now. */
    public function store(PlainRequest $request, Check $check, ClockInterface $clock): RedirectResponse
    {
        $request->validate(
            ['seen_at' => ['nullable', 'date_format:H:i'], 'phase' => ['required', 'in:found,left']],
            ['seen_at.*' => Telling::now()->word('checks.paper.time')],
        );
        $event = $check->visit()->with('event')->firstOrFail()->event;
        $seen = $request->filled('seen_at')
            ? CarbonImmutable::parse("{$event->held_on->toDateString()} {$request->string('seen_at')}", $event->timezone)->utc()
            : null;
        if ($seen !== null && $seen->isAfter(CarbonImmutable::instance($clock->now()))) {
            return redirect()->back()->withErrors(['seen_at' => Telling::now()->word('checks.paper.future')]);
        }
        SeenAt::tell($check, $seen);

        return redirect()->route('checks.show', [$check->id, InspectionPhase::from($request->string('phase')->toString()), Station::Label]);
    }
}
