<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Visits\SeatChoices;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Seat models for a child that arrives, by a few letters. */
final readonly class SeatChoicesController
{
    public function show(PlainRequest $request): View
    {
        $children = (array) $request->query('children');
        $index = (int) (array_key_first($children) ?? 0);
        $words = $request->string("children.{$index}.seat_words")->limit(60, '')->toString();

        return view('components.seat-choices', [
            'index' => $index,
            'chosen' => '',
            'choices' => trim($words) === '' ? SeatChoices::recent(CheckupEvent::current()) : SeatChoices::found($words),
        ]);
    }

    /** The same without scripts: the form comes back with what was typed, and what the letters found. */
    public function store(PlainRequest $request): RedirectResponse
    {
        return redirect()->route('visits.create')->withInput($request->except('_token'));
    }
}
