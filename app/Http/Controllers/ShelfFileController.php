<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShelfFileRequest;
use App\Models\SeatModel;
use App\Shelf\PutOnShelf;
use App\Shelf\ShelfFile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class ShelfFileController
{
    public function show(string $form): Response
    {
        $shelf = SeatModel::onTheShelf()->get();

        return response($form === 'csv' ? ShelfFile::toCsv($shelf) : ShelfFile::toJson($shelf), 200, [
            'Content-Type' => $form === 'csv' ? 'text/csv; charset=utf-8; header=present' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"shelf.{$form}\"",
        ]);
    }

    public function store(ShelfFileRequest $request): RedirectResponse
    {
        $shelf = $request->shelf();
        if ($shelf->problems !== []) {
            return redirect()->route('shelf')->with('problems', array_slice($shelf->problems, 0, 50));
        }
        $fresh = PutOnShelf::all($shelf->models, $request->author());

        return redirect()->route('shelf')->with('status', count($shelf->models) . " models read, {$fresh} of them new or changed.");
    }
}
