<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\Differences;
use App\Catalogue\Overtaken;
use App\Catalogue\PublishSeatModel;
use App\Catalogue\SeatModelPage;
use App\Http\Requests\ModelRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use stdClass;

final readonly class SeatModelController
{
    public function index(PlainRequest $request): View
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
    public function create(PlainRequest $request, Units $units): View
    {
        $id = $request->string('check')->toString();
        $check = Str::isUuid($id) ? Check::query()->with('visit.event.recallList')->find($id) : null;

        return view('pages.seats.edit', [
            'page' => $check === null
                ? SeatModelPage::blank($units)
                : SeatModelPage::offered($check->caseOf(InspectionPhase::Left)->raw, $units),
            'overtaken' => self::overtaken($request, new stdClass()),
        ]);
    }

    public function store(ModelRequest $request): RedirectResponse
    {
        try {
            $model = PublishSeatModel::over($request->seen(), $request->model()->rules, $request->kind(), $request->author());
        } catch (Overtaken $e) {
            return redirect()->back()->withInput(['seen' => (string) $e->newer->id] + $request->all())->with('overtaken', $e->newer->id);
        }

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

    public function edit(PlainRequest $request, SeatModel $model, Units $units): View
    {
        return view(
            'pages.seats.edit',
            [
                'page' => SeatModelPage::of($model, $units, SeatModel::query()->whereKey($model->id)->get(), Fact::correctionsOf($model)),
                'overtaken' => self::overtaken($request, $model->rules),
            ],
        );
    }

    /** @return array{SeatModel, list<array{Message, string, string}>}|null the version that came between, and what it changed */
    private static function overtaken(PlainRequest $request, stdClass $base): ?array
    {
        $newer = SeatModel::query()->whereKey($request->session()->get('overtaken'))->first();

        return $newer === null ? null : [$newer, Differences::between($base, $newer)];
    }
}
