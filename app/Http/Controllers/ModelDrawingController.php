<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\SeatModelPage;
use App\Http\Requests\ModelRequest;
use App\Models\SeatModel;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Catalogue\ModelText;

final readonly class ModelDrawingController
{
    public function __invoke(Request $request, Units $units): View
    {
        $before = SeatModel::query()->find($request->integer('before'));

        return view(
            'components.model-drawing',
            ['page' => SeatModelPage::growing(ModelText::read(ModelRequest::typedIn($request), $before?->rules), $units)],
        );
    }
}
