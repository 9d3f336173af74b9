<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\FollowUps\FollowUpKind;
use App\FollowUps\FollowUpsPage;
use App\FollowUps\TellFamily;
use App\Http\Requests\PlainRequest;
use App\Models\FollowUp;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Psr\Clock\ClockInterface;

/** Families to be told that a seat is outgrown or expires. */
final readonly class SeatFollowUpController
{
    private const A_PAGE = 20;

    public function index(PlainRequest $request, ClockInterface $clock): View
    {
        $today = CarbonImmutable::instance($clock->now())->startOfDay();
        $all = $request->boolean('all');
        $families = FollowUp::wanted()->when(! $all, static fn(Builder $soon): Builder => $soon
            ->whereNull('told_at')->where('due_on', '<=', $today->addDays(FollowUpsPage::AHEAD_DAYS)));

        return view('pages.follow-ups.index', [
            'page' => new FollowUpsPage($families->paginate(self::A_PAGE)->withQueryString(), $all, $today),
        ]);
    }

    public function update(PlainRequest $request, string $check, string $about, TellFamily $tell): RedirectResponse
    {
        $followUp = FollowUp::wanted()->where('check_id', $check)->where('kind', FollowUpKind::from($about)->value)->firstOrFail();
        $request->validate(['told' => ['required', 'in:0,1,mail']]);
        $person = $request->user();
        assert($person instanceof User);
        $request->string('told')->toString() === 'mail'
            ? $tell->mail($followUp, $person)
            : $tell->told($followUp, $request->boolean('told'), $person);

        return redirect()->back(fallback: route('follow-ups'));
    }
}
