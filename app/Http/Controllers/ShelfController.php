<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ModelRequest;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Pages\ModelPage;
use App\Shelf\PutOnShelf;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class ShelfController
{
    public function index(Request $request): View
    {
        $words = $request->string('q')->trim()->toString();

        return view('pages.shelf.index', ['words' => $words, 'models' => SeatModel::onTheShelf()->get()->filter(static fn(SeatModel $m): bool => $m->hasWords($words))->values()]);
    }

    public function create(Units $units): View
    {
        return view('pages.shelf.edit', ['page' => ModelPage::blank($units)]);
    }

    public function store(ModelRequest $request): RedirectResponse
    {
        $model = PutOnShelf::put($request->model()->rules, $request->kind(), $request->author());

        return redirect()->route('shelf.show', $model)->with('status', "{$model->title()}, version {$model->version}, stands on the shelf.");
    }

    public function show(SeatModel $model, Units $units): View
    {
        return view('pages.shelf.show', ['page' => ModelPage::of($model, $units, SeatModel::query()->where('maker', $model->maker)->where('model', $model->model)->orderByDesc('version')->get(), Fact::correctionsOf($model))]);
    }

    public function edit(SeatModel $model, Units $units): View
    {
        return view('pages.shelf.edit', ['page' => ModelPage::of($model, $units, SeatModel::query()->whereKey($model->id)->get(), Fact::correctionsOf($model))]);
    }
}
