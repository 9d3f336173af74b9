<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Calculator;
use App\Calculators\CalculatorPage;
use App\Calculators\ModelsToChoose;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Rulebook;

final readonly class CalculatorController
{
    public function index(): View
    {
        return view('pages.calculators.index', ['calculators' => Calculator::cases()]);
    }

    public function show(Request $request, Calculator $calculator, Units $units, Rulebook $rulebook): View
    {
        $user = $request->user();
        assert($user instanceof User);

        return view(
            'pages.calculators.show',
            [
                'page' => new CalculatorPage(
                    $calculator,
                    ModelsToChoose::in($calculator),
                    (array) $request->query('f', []),
                    $units,
                    CheckupEvent::current()->load('recallList'),
                    $rulebook,
                    $user,
                ),
            ],
        );
    }
}
