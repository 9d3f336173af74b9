<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Finders\Finder;
use App\Finders\FinderPage;
use App\Models\Day;
use App\Models\User;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Rulebook;

final readonly class FinderController
{
    public function index(): View
    {
        return view('pages.finders.index', ['finders' => Finder::cases()]);
    }

    public function show(Request $request, Finder $finder, Units $units, Rulebook $rulebook): View
    {
        $user = $request->user();
        assert($user instanceof User);

        return view('pages.finders.show', ['page' => new FinderPage($finder, (array) $request->query('f', []), $units, Day::current()->load('recallList'), $rulebook, $user)]);
    }
}
