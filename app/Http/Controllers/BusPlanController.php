<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BusPlanRequest;
use Illuminate\Contracts\View\View;

final readonly class BusPlanController
{
    public function __invoke(BusPlanRequest $request): View
    {
        $page = $request->page();

        return $page === null ? view('pages.bus.none') : view('pages.bus.plan', ['page' => $page]);
    }
}
