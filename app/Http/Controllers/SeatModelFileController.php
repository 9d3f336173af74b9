<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\PublishSeatModel;
use App\Catalogue\SeatModelFile;
use App\Http\Requests\SeatModelFileRequest;
use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Telling\Message;

final readonly class SeatModelFileController
{
    public function show(string $form): Response
    {
        $models = SeatModel::inUse()->get();

        return response($form === 'csv' ? SeatModelFile::toCsv($models) : SeatModelFile::toJson($models), 200, [
            'Content-Type' => $form === 'csv' ? 'text/csv; charset=utf-8; header=present' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"seats.{$form}\"",
        ]);
    }

    public function store(SeatModelFileRequest $request): RedirectResponse
    {
        $models = $request->models();
        if ($models->problems !== []) {
            return redirect()->route('seats.index')->with('problems', array_slice($models->problems, 0, 100));
        }
        $fresh = PublishSeatModel::all($models->models, $request->author());

        return redirect()->route('seats.index')->with(
            'status',
            Telling::now()->tell(new Message('catalogue.read', ['n' => count($models->models), 'fresh' => $fresh])),
        );
    }
}
