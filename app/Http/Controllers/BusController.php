<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bus\BusPage;
use App\Http\Requests\BusCheckRequest;
use App\Http\Requests\PlainRequest;
use App\Models\BusLayout;
use App\Models\SeatModel;
use App\Units;
use App\Visits\ReceiveFamily;
use App\Visits\TakeToBay;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class BusController
{
    public function index(PlainRequest $request, Units $units): View
    {
        $buses = BusLayout::inUse()->get();
        $page = new BusPage(SeatModel::inUse()->get(), $units, $buses, $buses->find($request->integer('bus')));
        $rider = $page->rider($request->string('rider')->toString());
        if ($rider !== [] && ! $request->session()->hasOldInput()) {
            $request->session()->now('_old_input', $rider);
        }

        return view('pages.bus.index', ['page' => $page]);
    }

    public function store(BusCheckRequest $request, ReceiveFamily $receive, TakeToBay $take): RedirectResponse
    {
        $visit = $receive($request->event(), $request->toInput(), $request->author());
        $take->ifThereIsOne($visit, $request->author());

        return redirect()->route('checks.show', [$visit->checks()->firstOrFail()->id, 'found', 'bus'])
            ->with('status', Telling::now()->word('bus.check.begun'));
    }
}
