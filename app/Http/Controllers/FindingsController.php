<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Findings\Findings;
use App\Findings\FindingsFile;
use App\Findings\FindingsFilter;
use App\Findings\HandOn;
use App\Http\Requests\PlainRequest;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Report\FigureNames;
use MintBuckle\Core\Report\Measure;
use MintBuckle\Core\Telling\Message;

/** What was found at the checks: figures, charts, and the checks behind them. */
final readonly class FindingsController
{
    private const A_PAGE = 30;

    public function index(PlainRequest $request): View
    {
        return view('pages.findings.index', ['page' => Findings::page(FindingsFilter::of($request))]);
    }

    public function checks(PlainRequest $request): View
    {
        $filter = FindingsFilter::of($request);
        $measure = $request->enum('measure', Measure::class) ?? Measure::Erring;
        $of = $request->string('of')->toString();

        return view('pages.findings.checks', [
            'filter' => $filter,
            'title' => FigureNames::of($measure, $of),
            'checks' => Findings::checks($filter, $measure, $of)->paginate(self::A_PAGE)->withQueryString(),
        ]);
    }

    public function file(PlainRequest $request): Response
    {
        $filter = FindingsFilter::of($request);
        $name = 'findings' . ($filter->handOn ? '' : '-for-us') . '.csv';

        return response(FindingsFile::of(Findings::figures($filter)), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    public function handOn(PlainRequest $request, HandOn $handOn): RedirectResponse
    {
        $made = $handOn();

        return redirect()->route('findings', FindingsFilter::of($request)->query())
            ->with('status', Telling::now()->tell(new Message('report.made', ['n' => $made])));
    }
}
