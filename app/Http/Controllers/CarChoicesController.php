<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Visits\CarChoices;
use Illuminate\Contracts\View\View;

/** Cars for a family that arrives, by a few letters. */
final readonly class CarChoicesController
{
    public function show(PlainRequest $request): View
    {
        $words = $request->string('vehicle')->limit(60, '')->trim()->toString();

        return view('components.car-choices', [
            'chosen' => $request->string('layout')->toString(),
            'choices' => $words === '' ? CarChoices::recent(CheckupEvent::current()) : CarChoices::found($words),
        ]);
    }
}
