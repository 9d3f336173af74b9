<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Visits\LabelFilled;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Label\LabelCode;

/** A label's code that was read as a family arrives. */
final readonly class ArrivingLabelController
{
    public function __invoke(PlainRequest $request): View
    {
        $index = (int) (array_key_first((array) $request->query('children')) ?? 0);
        $filled = LabelFilled::of(LabelCode::read($request->string("children.{$index}.code")->toString()), CheckupEvent::current());

        return view('components.label-filled', [
            'index' => $index,
            'choices' => $filled->choices,
            'chosen' => $filled->chosen,
            'filled' => $filled->filled,
            'problem' => $filled->problem,
        ]);
    }
}
