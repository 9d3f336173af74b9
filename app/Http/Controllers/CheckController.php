<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Judge;
use App\Models\Check;
use App\Pages\CheckPage;
use App\Track;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Finding\Station;

final readonly class CheckController
{
    public function show(Request $request, Check $check, Track $track, Station $station, Units $units, Judge $judge): View
    {
        $check->load('visit.day.recallList');
        $flashed = static fn(string $key): ?string => is_string($text = $request->session()->get($key)) ? $text : null;
        $page = new CheckPage($check, $track, $station, $units, $judge, $flashed('problem'), $flashed('problemKey'), $request->string('note')->toString() ?: null);

        return view('pages.checks.show', ['page' => $page]);
    }
}
