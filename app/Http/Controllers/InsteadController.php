<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\GiveSeat;
use App\Catalogue\InsteadPage;
use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\InsteadRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Record\InspectionPhase;

/** Another seat, for a child without one or whose own may not be used. */
final readonly class InsteadController
{
    /** Each is tried in every place of the car: of a larger catalogue those that a few letters find. */
    private const MOST = 120;

    public function __construct(private Judge $judge) {}

    public function show(PlainRequest $request, Check $check): View
    {
        $words = $request->string('q')->trim()->toString();

        return view('pages.checks.instead', [
            'page' => $this->page($check, SeatModel::found($words, self::MOST)),
            'words' => $words,
            'searched' => count(SeatModel::names()) > self::MOST,
        ]);
    }

    public function store(InsteadRequest $request, Check $check, GiveSeat $give): RedirectResponse
    {
        $model = SeatModel::query()->findOrFail($request->model());
        $instead = $this->page($check, new Collection([$model]))->of($model->id);
        try {
            $give($check, $model, $instead ?? throw UnreadableAnswer::because('does_not_fit'), $request->ids(), $request->author());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.instead', $check)->with('problem', $e->getMessage());
        }

        return redirect()->route('checks.show', [$check->id, InspectionPhase::Left->value, 'label'])
            ->with('status', Telling::now()->word('checks.instead.given'));
    }

    /** @param Collection<int, SeatModel> $models */
    private function page(Check $check, Collection $models): InsteadPage
    {
        return new InsteadPage(
            $this->judge->of($check->load('visit.event.recallList'), InspectionPhase::Left),
            $models,
        );
    }
}
