<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handbook\HandbookPage;
use App\Words\Languages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class HandbookController
{
    public function __invoke(Request $request, Languages $languages): View
    {
        $search = $request->string('q')->limit(80, '')->toString();

        return view('pages.handbook', ['page' => new HandbookPage($search, $languages->tellers())]);
    }
}
