<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handbook\HandbookPage;
use App\Http\Requests\PlainRequest;
use App\Words\Languages;
use Illuminate\Contracts\View\View;

final readonly class HandbookController
{
    public function __invoke(PlainRequest $request, Languages $languages): View
    {
        $search = $request->string('q')->limit(80, '')->toString();

        return view('pages.handbook', ['page' => new HandbookPage($search, $languages->tellers())]);
    }
}
