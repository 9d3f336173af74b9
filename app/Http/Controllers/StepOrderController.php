<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Practice\DemoStock;
use App\Practice\SeededDice;
use App\Practice\StepOrderPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Drill\Quiz\QuizMaker;

/** A card's steps laid in order: the address holds what is laid, nothing is kept. */
final readonly class StepOrderController
{
    public function __invoke(Request $request): View
    {
        $seed = SeededDice::seed($request);
        $laid = $request->input('laid');

        return view('pages.practice.order', ['page' => new StepOrderPage(
            $seed,
            (new QuizMaker(DemoStock::read(), new SeededDice($seed)))->order(),
            is_string($laid) ? $laid : '',
        )]);
    }
}
