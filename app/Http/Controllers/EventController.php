<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Projection;
use App\Events\EventPage;
use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** The event's home page, and what stands on it by now for screens that show it already. */
final readonly class EventController
{
    public function __construct(private Projection $projection, private ClockInterface $clock) {}

    public function show(PlainRequest $request, #[CurrentUser] User $user): View
    {
        return view('pages.event.index', ['page' => $this->page($request, $user) ?? abort(404)]);
    }

    /** Nothing, where the screen has it all. */
    public function live(PlainRequest $request, #[CurrentUser] User $user): View|Response
    {
        $page = $this->page($request, $user, $request->string('seen')->toString());

        return $page === null ? response()->noContent() : view('pages.event.board', ['page' => $page]);
    }

    private function page(PlainRequest $request, User $user, ?string $seen = null): ?EventPage
    {
        $event = CheckupEvent::current()->load(['recallList', 'crew']);
        $this->projection->refresh($event);

        return EventPage::of($event, CarbonImmutable::instance($this->clock->now()), $user, max(1, $request->integer('page', 1)), $seen);
    }
}
