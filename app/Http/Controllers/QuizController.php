<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Practice\DemoStock;
use App\Practice\QuizPage;
use App\Practice\SeededDice;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Drill\Quiz\QuizKind;
use MintBuckle\Core\Drill\Quiz\QuizMaker;

/** Practice in other forms: the address holds question and answer, nothing is kept. */
final readonly class QuizController
{
    public function __invoke(Request $request, QuizKind $kind): View
    {
        $seed = SeededDice::seed($request);
        $answer = $request->filled('answer') ? $request->integer('answer') : null;

        return view('pages.practice.quiz', ['page' => new QuizPage(
            $kind,
            $seed,
            (new QuizMaker(DemoStock::read(), new SeededDice($seed)))->make($kind),
            $answer,
        )]);
    }
}
