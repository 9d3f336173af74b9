<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\Differences;
use App\Catalogue\Overtaken;
use App\Catalogue\PublishSeatModel;
use App\Catalogue\SeatList;
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
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** @phpstan-import-type Difference from Differences */
final readonly class SeatModelController
{
    public function index(PlainRequest $request): View
    {
        return view('pages.seats.index', ['page' => SeatList::of(
            $request->string('q')->trim()->toString(),
            SeatKind::tryFrom($request->string('kind')->toString()),
            ModeName::tryFrom($request->string('ride')->toString()),
        )]);
    }

    /** Blank, or with what a check has told of a seat that is not in the catalogue. */
    public function create(PlainRequest $request, Units $units): View
    {
        $id = $request->string('check')->toString();
        $check = Str::isUuid($id) ? Check::query()->with('visit.event.recallList')->find($id) : null;
        $typed = $request->old('kind');
        $kind = SeatKind::tryFrom(is_string($typed) ? $typed : $request->string('kind')->toString());
        if ($check === null && $kind === null) {
            return view('pages.seats.kind');
        }

        return view('pages.seats.edit', [
            'page' => $check === null
                ? SeatModelPage::blank($kind, $units)
                : SeatModelPage::offered($check->caseOf(InspectionPhase::Left)->raw, $kind, $units),
            'overtaken' => self::overtaken($request, new stdClass()),
        ]);
    }

    public function store(ModelRequest $request): RedirectResponse
    {
        try {
            $model = PublishSeatModel::over(
                $request->seen(),
                $request->model()->rules,
                $request->kind(),
                $request->author(),
                $request->about(),
            );
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

    /**
     * @return array{newer: SeatModel, lines: list<Difference>}|null the version that came between, and where it is not what was typed
     */
    private static function overtaken(PlainRequest $request, stdClass $base): ?array
    {
        $newer = SeatModel::query()->whereKey($request->session()->get('overtaken'))->first();
        $before = clone $request;
        $before->replace((array) $request->session()->getOldInput());

        return $newer === null
            ? null
            : ['newer' => $newer, 'lines' => Differences::between($base, $newer, ModelRequest::typedIn($before))];
    }
}
