<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Projection;
use App\Events\EventPage;
use App\Events\EventPrint;
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
        return view('pages.event.index', ['page' => $this->page(CheckupEvent::current(), $request, $user)]);
    }

    /** Nothing, where the screen has it all. */
    public function live(PlainRequest $request, #[CurrentUser] User $user): View|Response
    {
        $event = CheckupEvent::current();

        return EventPrint::of($event, $event->clock($this->now()), self::number($request)) === $request->string('seen')->toString()
            ? response()->noContent()
            : view('pages.event.board', ['page' => $this->page($event, $request, $user)]);
    }

    private function page(CheckupEvent $event, PlainRequest $request, User $user): EventPage
    {
        $this->projection->refresh($event->load(['recallList', 'crew']));

        return EventPage::of($event, $this->now(), $user, self::number($request));
    }

    private function now(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }

    private static function number(PlainRequest $request): int
    {
        return max(1, $request->integer('page', 1));
    }
}
