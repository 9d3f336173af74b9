<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Projection;
use App\Events\EventPage;
use App\Events\EventVisits;
use App\Models\CheckupEvent;
use Illuminate\Contracts\View\View;

final readonly class EventController
{
    public function __invoke(Projection $projection): View
    {
        $event = CheckupEvent::current()->load('recallList');
        $projection->refresh($event);

        return view('pages.event.index', ['page' => new EventPage($event, EventVisits::of($event))]);
    }
}
