<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Events\Search;
use App\Http\Requests\PlainRequest;
use App\Visits\HereBefore;
use Illuminate\Contracts\View\View;

/** Families and seats that were here before. */
final readonly class SearchController
{
    public function index(PlainRequest $request, Search $search): View
    {
        return view('pages.event.search', ['page' => $search($request->string('q')->trim()->toString())]);
    }

    /** While a family's contact is typed as it arrives. */
    public function before(PlainRequest $request, HereBefore $before): View
    {
        return view('pages.visits.before', ['visits' => $before->of($request->string('contact')->toString())]);
    }
}
