<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\EnterManual;
use App\Catalogue\ManualPage;
use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\ManualRequest;
use App\Models\Check;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use MintBuckle\Core\Record\InspectionPhase;

/** A seat that the catalogue does not know, from its label and its manual. */
final readonly class ManualController
{
    public function show(Request $request, Check $check, Judge $judge, Units $units): View
    {
        return view('pages.checks.manual', ['page' => new ManualPage(
            $judge->of($check->load('visit.event.recallList'), InspectionPhase::Found),
            $units,
            array_filter((array) $request->old('f'), is_array(...)),
            array_map(static fn(mixed $said): string => is_string($said) ? $said : '', (array) $request->session()->get('refused')),
        )]);
    }

    public function store(ManualRequest $request, Check $check, EnterManual $enter): RedirectResponse
    {
        try {
            $enter($check, $request->entries(), $request->author());
        } catch (ValidationException $e) {
            return redirect()
                ->route('checks.manual', $check)
                ->withInput()
                ->with(
                    'refused',
                    array_map(static fn(mixed $said): string => implode(' ', array_filter((array) $said, is_string(...))), $e->errors()),
                );
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.manual', $check)->withInput()->with('problem', $e->getMessage());
        }

        return redirect()->route('checks.show', [$check->id, InspectionPhase::Found->value, 'label'])
            ->with('status', Telling::now()->word('checks.manual.kept'));
    }
}
