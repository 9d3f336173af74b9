<?php

declare(strict_types=1);

namespace App\Http;

use App\Answers\UnreadableAnswer;
use App\Judge;
use App\Models\Check;
use App\Pages\CheckPage;
use App\Track;
use App\Units;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

/** What follows an entry on the check: the screen's part for htmx, the whole screen without; a refused entry comes back with its reason and what was typed. */
final readonly class CheckAnswer
{
    public function __construct(private Request $request, private Units $units, private Judge $judge) {}

    /**
     * @param string $key of the fact concerned, so that a problem is shown beside it
     * @param Closure(): void $write may refuse
     */
    public function after(Check $check, Track $track, Station $station, string $key, Closure $write): Response|RedirectResponse
    {
        $problem = null;
        try {
            $write();
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }
        if (! $this->request->hasHeader('HX-Request')) {
            return redirect()->route('checks.show', [$check->id, $track->value, $station->value])
                ->with(['problem' => $problem, 'problemKey' => $key])->withInput();
        }
        $check->loadMissing('visit.day.recallList');
        if ($problem !== null) {
            $this->request->flashOnly(['amount', 'answer', 'lines', 'name', 'detail']);
        }
        $page = new CheckPage($check, $track, $station, $this->units, $this->judge, $problem, $key);

        return response(view('components.check', ['page' => $page]), $problem === null ? 200 : 422);
    }
}
