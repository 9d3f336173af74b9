<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bus\BusDraft;
use App\Bus\PlanPage;
use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use MintBuckle\Core\Bus\BusPlanner;

final readonly class BusPlanController
{
    public function show(Request $request, Units $units): View
    {
        return $this->page($request, $units, false);
    }

    public function store(Request $request, Units $units): View
    {
        return $this->page($request, $units, true);
    }

    private function page(Request $request, Units $units, bool $isAsked): View
    {
        $layouts = BusLayout::query()->orderBy('id')->get();
        if ($layouts->isEmpty()) {
            return view('pages.bus.none');
        }
        $layout = $layouts->find($request->integer('bus')) ?? $layouts->firstOrFail();
        $isOther = $request->integer('shown') !== $layout->id;
        $roster = $isOther ? $layout->roster : $request->string('roster')->toString();
        $texts = static fn(string $key): array => $isOther ? [] : array_filter((array) $request->input($key, []), is_string(...));
        $keep = array_values($texts('keep'));
        $counts = $texts('count');
        $draft = BusDraft::of($layout, CheckupEvent::current(), $roster, $counts, $keep, $units);
        $answer = $isAsked && ! $isOther && $draft->request !== null ? BusPlanner::plan($draft->request) : null;

        return view('pages.bus.plan', [
            'page' => new PlanPage($layouts, $layout, $draft, $answer, $roster, max(0, $request->integer('plan')), $keep, $counts, $units),
        ]);
    }
}
