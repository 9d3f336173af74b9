<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\PublishSeatModel;
use App\Catalogue\SeatModelPage;
use App\Http\Requests\ModelRequest;
use App\Models\Check;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

final readonly class SeatModelController
{
    public function index(Request $request): View
    {
        $words = $request->string('q')->trim()->toString();

        return view(
            'pages.seats.index',
            [
                'words' => $words,
                'models' => SeatModel::inUse()->get()->filter(static fn(SeatModel $m): bool => $m->hasWords($words))->values(),
            ],
        );
    }

    /** Blank, or with what a check has told of a seat that is not in the catalogue. */
    public function create(Request $request, Units $units): View
    {
        $id = $request->string('check')->toString();
        $check = Str::isUuid($id) ? Check::query()->with('visit.event.recallList')->find($id) : null;

        return view('pages.seats.edit', [
            'page' => $check === null
                ? SeatModelPage::blank($units)
                : SeatModelPage::offered($check->caseOf(InspectionPhase::Left)->raw, $units),
        ]);
    }

    public function store(ModelRequest $request): RedirectResponse
    {
        $model = PublishSeatModel::put($request->model()->rules, $request->kind(), $request->author());

        return redirect()->route('seats.show', $model)->with(
            'status',
            Telling::now()->tell(new Message('catalogue.published', ['model' => $model->title(), 'n' => $model->version])),
        );
    }

    public function show(SeatModel $model, Units $units): View
    {
        return view(
            'pages.seats.show',
            [
                'page' => SeatModelPage::of(
                    $model,
                    $units,
                    SeatModel::query()->where('maker', $model->maker)->where('model', $model->model)->orderByDesc('version')->get(),
                    Fact::correctionsOf($model),
                ),
            ],
        );
    }

    public function edit(SeatModel $model, Units $units): View
    {
        return view(
            'pages.seats.edit',
            ['page' => SeatModelPage::of($model, $units, SeatModel::query()->whereKey($model->id)->get(), Fact::correctionsOf($model))],
        );
    }
}
