<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SeatModel;
use App\Models\User;
use App\Shelf\PutOnShelf;
use App\Shelf\ShelfFile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

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

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['shelf' => ['required', 'file', 'max:1024']], ['shelf.required' => 'Choose a file: JSON or CSV.', 'shelf.max' => 'The file is larger than 1 MiB.']);
        $file = $request->file('shelf');
        $author = $request->user();
        assert($file instanceof UploadedFile && $author instanceof User);
        $shelf = ShelfFile::read((string) $file->get());
        if ($shelf->problems !== []) {
            return redirect()->route('shelf')->with('problems', array_slice($shelf->problems, 0, 50));
        }
        $before = SeatModel::query()->count();
        DB::transaction(static fn() => array_map(static fn(array $model): SeatModel => PutOnShelf::put($model['rules'], $model['kind'], $author), $shelf->models));

        return redirect()->route('shelf')->with('status', count($shelf->models) . ' models read, ' . (SeatModel::query()->count() - $before) . ' of them new or changed.');
    }
}
