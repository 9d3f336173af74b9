<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\GiveSeat;
use App\Catalogue\InsteadPage;
use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\InsteadRequest;
use App\Models\Check;
use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Record\InspectionPhase;

/** Another seat, for a child without one or whose own may not be used. */
final readonly class InsteadController
{
    public function __construct(private Judge $judge) {}

    public function show(Check $check): View
    {
        return view('pages.checks.instead', ['page' => $this->page($check)]);
    }

    public function store(InsteadRequest $request, Check $check, GiveSeat $give): RedirectResponse
    {
        $model = SeatModel::query()->findOrFail($request->model());
        $instead = $this->page($check)->of($model->id);
        try {
            $give($check, $model, $instead ?? throw UnreadableAnswer::because('does_not_fit'), $request->ids(), $request->author());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.instead', $check)->with('problem', $e->getMessage());
        }

        return redirect()->route('checks.show', [$check->id, InspectionPhase::Left->value, 'label'])
            ->with('status', Telling::now()->word('checks.instead.given'));
    }

    private function page(Check $check): InsteadPage
    {
        return new InsteadPage(
            $this->judge->of($check->load('visit.event.recallList'), InspectionPhase::Left),
            SeatModel::inUse()->get(),
        );
    }
}
