<?php

declare(strict_types=1);

namespace App\Http;

use App\Checks\AmbiguousDate;
use App\Checks\CheckPage;
use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Units;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;

/**
 * What follows an entry on the check: the screen's part for htmx, the whole screen without; a refused entry comes back with its reason and
 * what was typed.
 */
final readonly class CheckAnswer
{
    public function __construct(private Request $request, private Units $units, private Judge $judge) {}

    /**
     * @param string $key of the fact concerned, so that a problem is shown beside it
     * @param Closure(): void $write may refuse
     */
    public function after(Check $check, InspectionPhase $phase, Station $station, string $key, Closure $write): Response|RedirectResponse
    {
        $problem = null;
        $readings = [];
        try {
            $write();
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
            $readings = $e instanceof AmbiguousDate ? $e->readings : [];
        }
        $byHtmx = $this->request->hasHeader('HX-Request');
        $onward = $problem === null && $this->request->boolean('onward');
        if (! $byHtmx && ! $onward) {
            return redirect()->route('checks.show', [$check->id, $phase->value, $station->value])
                ->with(['problem' => $problem, 'problemKey' => $key, 'readings' => array_map(strval(...), $readings)])->withInput();
        }
        $check->loadMissing('visit.event.recallList');
        if ($problem !== null) {
            $this->request->flashOnly(['amount', 'answer', 'lines', 'name', 'detail']);
        }
        $at = fn(Station $at): CheckPage => new CheckPage(
            $this->judge->of($check, $phase, $at === Station::Handover),
            $at,
            $this->units,
            $problem,
            $key,
            readings: $readings,
            onward: $onward,
        );
        $page = $at($station);
        if ($page->station === Station::Handover && $station !== Station::Handover) {
            // Its picture shows what was found beside what is left.
            $page = $at(Station::Handover);
        }
        if (! $byHtmx) {
            return redirect($page->link());
        }

        return response(view('components.check-answer', ['page' => $page]), $problem === null ? 200 : 422)
            ->withHeaders($page->station === $station ? [] : ['HX-Push-Url' => $page->link()]);
    }
}
