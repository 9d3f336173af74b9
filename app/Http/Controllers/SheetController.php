<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Judge;
use App\Models\User;
use App\Models\Visit;
use App\Units;
use App\Visits\SheetCalendar;
use App\Visits\SheetLink;
use App\Visits\SheetPage;
use App\Visits\SheetPdf;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** The take-home sheet: to print, by the family's own link, and its dates as a calendar file. */
final readonly class SheetController
{
    public function __construct(private Judge $judge, private Languages $languages, private SheetLink $link) {}

    public function show(Request $request, Visit $visit, Units $units): View
    {
        return view('pages.visits.sheet', ['page' => $this->page($request, $visit, $units)]);
    }

    /** As it is printed on paper; where nothing can print it, the browser still can. */
    public function pdf(Request $request, Visit $visit, Units $units, SheetPdf $print): Response|RedirectResponse
    {
        $paper = $request->query('paper') === 'letter' ? 'letter' : 'a4';
        try {
            $pdf = $print($this->page($request, $visit, $units), $paper);
        } catch (RuntimeException|LockTimeoutException $e) {
            report($e);

            return redirect()->route('visits.sheet', $visit)->with('status', Telling::now()->word('sheet.no_pdf'));
        }

        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"ticket-{$visit->ticket}-{$paper}.pdf\"",
        ]);
    }

    public function calendar(Visit $visit, Units $units): Response
    {
        return $this->file($visit, $units);
    }

    /** By the family's own link; where it opens nothing, that is said, and nothing else. */
    public function taken(Request $request, string $sheet, Units $units): View|Response
    {
        $visit = $this->visit($sheet);
        if ($visit !== null) {
            app()->setLocale($visit->language);
        }

        return response(view('pages.visits.taken', [
            'page' => $visit === null ? null : $this->page($request, $visit, $units),
            'token' => $sheet,
        ]), $visit === null ? Response::HTTP_NOT_FOUND : Response::HTTP_OK)->header('X-Robots-Tag', 'noindex');
    }

    public function takenCalendar(string $sheet, Units $units): Response
    {
        $visit = $this->visit($sheet);
        abort_if($visit === null, Response::HTTP_NOT_FOUND);

        return $this->file($visit, $units);
    }

    private function visit(string $token): ?Visit
    {
        $opens = $this->link->read($token);

        return $opens === null ? null : Visit::query()->whereNotNull('left_at')->find($opens['visit']);
    }

    private function page(Request $request, Visit $visit, Units $units): SheetPage
    {
        $visit->load(['event', 'family', 'checks.facts.author', 'checks.visit.event.recallList', 'leftSeenBy']);

        return new SheetPage(
            $visit,
            $this->judge->leaving($visit),
            User::names(),
            $this->languages->ofSheet($visit->language, $request->boolean('both')),
            $this->languages->names(),
            $units,
            $this->link->of($visit),
            $request->boolean('large'),
        );
    }

    private function file(Visit $visit, Units $units): Response
    {
        $page = $this->page(request(), $visit, $units);

        return response(SheetCalendar::of($visit, $page->children, Telling::in($visit->language, $units)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"ticket-{$visit->ticket}.ics\"",
        ]);
    }
}
