@use('MintBuckle\Core\Telling\Listing')
<div id="event-board" hx-get="{{ route('event.live', ['seen' => $page->seen, 'page' => $page->page]) }}" hx-trigger="every 1s"
    hx-swap="morph:outerHTML" hx-push-url="false" data-seen="{{ $page->seen }}">
    <div class="page-top">
        <h1><span class="visually-hidden">{{ __('events.title') }} </span>{{ $page->clock() }}</h1>
        <p>
            {{ __('events.now', [
                'waiting' => count($page->waiting),
                'last' => $page->lastStarts() ?? 'none',
                'gone' => $page->tally->seats,
                'good' => $page->tally->good,
            ]) }}
            {{ __('events.held', ['day' => $page->event->held_on, 'practice' => __("limits.practices.{$page->event->practice}")]) }}
            @if ($page->recallListAge() === null)
                {{ __('events.no_list') }}
            @else
                {{ __('recalls.list_of', ['day' => $page->event->recallList->dated, 'age' => $page->recallListAge()]) }}
            @endif
        </p>
        <a class="quiet" href="{{ route('events.index') }}">{{ __('events.all') }}</a>
        @can('record')
            <a class="press" href="{{ route('visits.create') }}">{{ __('visits.arrive.title') }}</a>
        @endcan
        <a class="quiet event-calculators" href="{{ route('calculators.index') }}">{{ __('calculators.title') }}</a>
    </div>
    @if ($page->isEmpty())
        <section class="card-work empty">
            <h2>{{ __('events.nobody') }}</h2>
            <p>{{ __('events.nobody_hint') }}</p>
        </section>
    @endif
    <div class="event-board">
        <div class="event-main">
            <x-drawing.lot-above :drawing="$page->lot()" />
            @foreach (['in_bays' => $page->inBays, 'waiting' => $page->waiting, 'gone' => $page->gone] as $heading => $cards)
                @if ($cards !== [])
                    <section class="event-group" aria-labelledby="group-{{ $heading }}" data-group="{{ $heading }}">
                        <h2 id="group-{{ $heading }}">{{ __("events.groups.{$heading}") }} <span class="count">{{
                            $heading === 'gone' ? $page->tally->families : count($cards) }}</span></h2>
                        <div class="event-cards">
                            @foreach ($cards as $card)
                                <x-visit-card :card="$card" :crew="$page->crew" />
                            @endforeach
                        </div>
                        @if ($heading === 'gone' && $page->pages() > 1)
                            <nav class="choices event-pages" aria-label="{{ __('events.pages') }}">
                                @for ($number = 1; $number <= $page->pages(); $number++)
                                    <a href="{{ route('event', ['page' => $number]) }}" @class(['choice', 'on' => $number === $page->page])
                                        @if ($number === $page->page) aria-current="page" @endif>{{ $number }}</a>
                                @endfor
                            </nav>
                        @endif
                    </section>
                @endif
            @endforeach
        </div>
        <aside class="event-side">
            @can('record')
                <x-event-next :page="$page" />
            @endcan
            <section class="card-work" aria-labelledby="crew-title">
                <h2 id="crew-title">{{ __('events.people') }}</h2>
                <ul class="event-list">
                    @foreach ($page->crew->people as $one)
                        <li data-person="{{ $one->person->login }}"><span>{{ $one->person->name }}
                                @if ($one->certificate->value === 'ended')
                                    <strong class="problem">{{ __('events.certificate_ended') }}</strong>
                                @elseif ($one->certificate->value === 'ends_soon')
                                    <strong class="warned">{{ __('events.certificate_days', ['days' => $one->daysLeft]) }}</strong>
                                @endif
                            </span>
                            <span>{{ $one->bay === null ? __('events.free') : __('events.at_bay', [
                                'bay' => $one->bay, 'known' => $one->minutes !== null, 'minutes' => $one->minutes ?? 0]) }}</span></li>
                    @endforeach
                </ul>
            </section>
            <x-event-kit :kit="$page->kit" />
        </aside>
    </div>
</div>
