<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bus\BusForm;
use App\Http\Requests\BusLayoutRequest;
use App\Http\Requests\BusPlanRequest;
use App\Models\BusLayout;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Telling\Message;

final readonly class BusLayoutController
{
    public function create(): View
    {
        return self::form(BusForm::blank(), null);
    }

    public function edit(BusLayout $layout): View
    {
        return self::form(BusForm::ofLayout($layout), $layout);
    }

    public function save(BusLayoutRequest $request, ?BusLayout $layout = null): View|RedirectResponse|Response
    {
        if (! $request->isSaved()) {
            return self::form($request->form(), $layout);
        }
        $reader = $request->reader();
        $problems = [...array_filter([$request->isOvertaken()]), ...$reader->problems];
        if ($problems !== []) {
            return response(self::form($request->form(), $layout, $problems), 422);
        }
        $layout ??= new BusLayout();
        $layout->fill([
            'name' => $request->form()->name,
            'gross_weight' => $reader->grossWeight,
            'benches' => $reader->benches,
            'systems' => $reader->systems,
            'roster' => $request->form()->roster,
        ])->save();

        return redirect()->route('bus.plan', ['bus' => $layout->id])->with('status', Telling::now()->word('bus.layout.kept'));
    }

    /** Who rides and how many there are, for the next time; what cannot be read is said beside it. */
    public function keep(BusPlanRequest $request, BusLayout $layout): View
    {
        $page = $request->page();
        abort_if($page === null || ! $page->layout->is($layout), 404);
        if ($page->draft->request !== null) {
            $layout->update(['roster' => $page->roster, 'systems' => $page->counted()]);
            session()->now('status', Telling::now()->word('bus.layout.kept'));
        }

        return view('pages.bus.plan', ['page' => $page]);
    }

    /** Out of use, or back in it: its trips stay. */
    public function retire(BusLayout $layout): RedirectResponse
    {
        $layout->update(['retired_at' => $layout->retired_at === null ? now() : null]);

        return redirect()->route('bus.layouts.edit', $layout);
    }

    /** @param list<Message|string> $problems */
    private static function form(BusForm $form, ?BusLayout $layout, array $problems = []): View
    {
        return view('pages.bus.layout', ['form' => $form, 'layout' => $layout, 'problems' => $problems]);
    }
}
