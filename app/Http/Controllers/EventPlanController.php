<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Events\EventAtHand;
use App\Events\EventForm;
use App\Events\EventList;
use App\Events\KeepEvent;
use App\Http\Requests\CapacityRequest;
use App\Http\Requests\EventRequest;
use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** Events before and around their day: planned, opened, closed. */
final readonly class EventPlanController
{
    public function index(): View
    {
        return view('pages.events.index', ['page' => EventList::now()]);
    }

    public function create(PlainRequest $request, ClockInterface $clock): View
    {
        $template = CheckupEvent::query()->find($request->integer('as'));

        return view('pages.events.form', ['page' => EventForm::from($template, $clock->now()->format('Y-m-d'))]);
    }

    public function store(EventRequest $request, KeepEvent $keep): RedirectResponse
    {
        return self::kept($keep(new CheckupEvent(), $request->plan(), $request->crew()));
    }

    public function edit(CheckupEvent $event): View
    {
        return view('pages.events.form', ['page' => EventForm::of($event)]);
    }

    public function update(EventRequest $request, CheckupEvent $event, KeepEvent $keep): RedirectResponse
    {
        try {
            return self::kept($keep($event, $request->plan(), $request->crew()));
        } catch (UnreadableAnswer $e) {
            throw ValidationException::withMessages(['practice' => $e->getMessage()]);
        }
    }

    /** While the plan is typed. */
    public function capacity(CapacityRequest $request): View
    {
        return view('pages.events.capacity', ['panel' => $request->panel(), 'minutes' => $request->integer('minutes_per_seat')]);
    }

    public function open(CheckupEvent $event, KeepEvent $keep): RedirectResponse
    {
        $keep->open($event);

        return redirect()->route('events.index')->with('status', Telling::now()->word('events.opened'));
    }

    public function close(CheckupEvent $event, KeepEvent $keep): RedirectResponse
    {
        try {
            $keep->close($event);
        } catch (UnreadableAnswer $e) {
            return redirect()->route('events.index')->with('problem', $e->getMessage());
        }

        return redirect()->route('events.index')->with('status', Telling::now()->word('events.closed'));
    }

    /** From now on one works at this one. */
    public function choose(Request $request, CheckupEvent $event): RedirectResponse
    {
        EventAtHand::choose($event, $request->session());

        return redirect()->route('event');
    }

    private static function kept(CheckupEvent $event): RedirectResponse
    {
        return redirect()->route('events.edit', $event)->with('status', Telling::now()->word('events.kept'));
    }
}
