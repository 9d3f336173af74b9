<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KitRequest;
use App\Kit\KitPage;
use App\Kit\MoveKit;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The kit of the event that is worked at. */
final readonly class KitController
{
    public function show(): View
    {
        $event = CheckupEvent::current();

        return view('pages.kit.index', ['page' => KitPage::of($event, Check::withSeatGiven($event)->with('visit')->get())]);
    }

    public function store(KitRequest $request, MoveKit $move): RedirectResponse
    {
        $move(
            $request->id(),
            CheckupEvent::current(),
            $request->item(),
            $request->way(),
            $request->integer('count'),
            $request->note(),
            $request->author(),
        );

        return self::kept();
    }

    public function update(KitRequest $request, MoveKit $move): RedirectResponse
    {
        $move->need(CheckupEvent::current(), $request->minima());

        return self::kept();
    }

    private static function kept(): RedirectResponse
    {
        return redirect()->route('kit')->with('status', Telling::now()->word('accounts.kept'));
    }
}
