<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Models\Check;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Str;
use MintBuckle\Core\Bus\VestStep;

/** How a vest is put on, one step at a time. */
final readonly class VestController
{
    public function __invoke(PlainRequest $request): View
    {
        $id = $request->string('check')->toString();

        return view('pages.bus.vest', [
            'step' => VestStep::numbered($request->integer('step', 1)),
            'check' => Str::isUuid($id) ? Check::query()->findOrFail($id)->id : null,
        ]);
    }
}
