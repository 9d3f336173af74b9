<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Models\RecallImport;
use App\Models\RecallList;
use App\Recalls\RecallsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

final readonly class RecallController
{
    public function __invoke(PlainRequest $request, ClockInterface $clock): View
    {
        $list = RecallList::current();
        $search = $request->string('q')->trim()->toString();
        $toTell = $list?->toTell()->with(['check.visit.family', 'check.seatModel'])->paginate(RecallsPage::FAMILIES, pageName: 'families');

        return view('pages.recalls.index', ['page' => new RecallsPage(
            $list,
            $list === null ? null : (int) $list->dated->diffInDays((string) CheckupEvent::current()->dayOf($clock->now())),
            CheckupEvent::current(),
            RecallImport::query()->orderByDesc('id')->limit(5)->get(),
            $list?->shown($search, RecallsPage::SHOWN) ?? new Collection(),
            $search,
            $toTell,
            ($list?->followUps()->count() ?? 0) - ($toTell?->total() ?? 0),
        )]);
    }
}
