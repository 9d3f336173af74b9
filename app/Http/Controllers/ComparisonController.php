<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Calculator;
use App\Http\Requests\CalculatorRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\PracticeCopy;
use App\Practices\ComparePage;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;

/** The same facts under another practice: of a check, a calculator or a case file. */
final readonly class ComparisonController
{
    private const LARGEST_KB = 512;

    public function check(PlainRequest $request, Check $check, Units $units): View
    {
        $check->load(['visit.event.recallList', 'visit.event.practiceCopy']);

        return self::shown(new ComparePage(
            $check->caseOf(InspectionPhase::Left)->case,
            PracticeCopy::query()->orderBy('name')->get(),
            $request->string('with')->toString(),
            $check->visit->event->practiceCopy,
            $units,
            $check->title(),
            route('checks.show', [$check->id, InspectionPhase::Left->value, 'label']),
        ));
    }

    public function calculator(CalculatorRequest $request, Calculator $calculator, Rulebook $rulebook): View
    {
        $page = $request->page($calculator, $rulebook);

        return self::shown(new ComparePage(
            $page->assessment->situation->case,
            PracticeCopy::query()->orderBy('name')->get(),
            $request->string('with')->toString(),
            null,
            $page->units,
            Telling::now()->tell($calculator->title()),
            $page->address('calculators.show', []),
            $request->query->all(),
        ));
    }

    public function create(): View
    {
        return view('pages.practices.file');
    }

    /** A case file of one's own: read, shown, kept nowhere. */
    public function store(PlainRequest $request, Units $units): View|RedirectResponse
    {
        $request->validate(['case' => ['required', 'file', 'max:' . self::LARGEST_KB], 'with' => ['nullable', 'string', 'max:20']]);
        $file = $request->file('case');
        assert($file instanceof UploadedFile);
        try {
            $case = Reader::read((string) $file->get());
        } catch (InvalidCase $e) {
            return redirect()->route('practices.file')->withErrors(['case' => explode("\n", $e->getMessage())]);
        }

        return self::shown(new ComparePage(
            $case,
            PracticeCopy::query()->orderBy('name')->get(),
            $request->string('with')->toString(),
            null,
            $units,
            $file->getClientOriginalName(),
            route('practices.file'),
        ), ofFile: true);
    }

    private static function shown(ComparePage $page, bool $ofFile = false): View
    {
        return view('pages.practices.compare', ['page' => $page, 'ofFile' => $ofFile]);
    }
}
