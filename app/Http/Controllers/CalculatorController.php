<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Calculator;
use App\Calculators\ModelsToChoose;
use App\Http\Requests\CalculatorRequest;
use App\Words\Languages;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Rulebook;

final readonly class CalculatorController
{
    public function index(): View
    {
        return view('pages.calculators.index', ['calculators' => Calculator::cases()]);
    }

    public function show(CalculatorRequest $request, Calculator $calculator, Rulebook $rulebook): View
    {
        return view('pages.calculators.show', [
            'page' => $request->page($calculator, $rulebook),
            'searched' => $calculator->asksModel() && ModelsToChoose::isSearched(),
        ]);
    }

    /** A calculator's answer as a page to print, in the family's language. */
    public function sheet(CalculatorRequest $request, Rulebook $rulebook, Languages $languages): View
    {
        return view('pages.calculators.flight', [
            'page' => $request->page(Calculator::Flight, $rulebook),
            'language' => $request->language($languages),
            'known' => $languages->names(),
        ]);
    }
}
