@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="$page->set->title" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="$page->set->title" /></x-slot:head>
    <div id="class" hx-get="{{ route('practice.class.show', $page->set) }}" hx-trigger="every 4s" hx-select="#class"
        hx-swap="morph:outerHTML">
        <div class="page-top">
            <h1>{{ $page->set->title }}</h1>
            @auth
                <p>{{ __('practice.class.share', ['link' => route('practice.class.show', $page->set)]) }}</p>
                <a class="quiet" href="{{ route('practice.class.sheet', $page->set) }}">{{ __('practice.class.sheet') }}</a>
            @else
                <p class="hint">{{ __('practice.class.guest') }}</p>
            @endauth
        </div>
        @if ($shown !== null)
            <x-class-now :drawings="$shown" />
        @endif
        <section class="card-work" aria-labelledby="items-title">
            <h2 id="items-title">{{ __('practice.class.items') }}</h2>
            <ul class="practice-map">
                @foreach ($page->items() as $item)
                    <li data-item="{{ $item['number'] }}" @class(['now' => $item['now']])>
                        <span>@tell($item['title'])
                            <small class="hint">{{ __('practice.class.so_far', [
                                'begun' => $item['begun'],
                                'ended' => $item['ended'],
                            ]) }}</small>
                        </span>
                        <span class="actions">
                            @if ($item['mine'] !== null)
                                <a class="quiet" href="{{ route('practice.show', $item['mine']) }}">{{ __($item['mine']->ended_at === null
                                    ? 'practice.class.go_on'
                                    : 'practice.percent', ['percent' => $item['mine']->score()->percent]) }}</a>
                            @elseif ($page->isOpen($item['number']))
                                <form id="begin-{{ $item['number'] }}" method="post"
                                    action="{{ route('practice.class.begin', [$page->set, $item['number']]) }}">
                                    @csrf
                                    <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
                                    <button class="press">{{ __('practice.class.begin') }}</button>
                                </form>
                            @endif
                            @if ($page->isInstructor)
                                <form id="now-{{ $item['number'] }}" method="post"
                                    action="{{ route('practice.class.together', $page->set) }}">
                                    @csrf
                                    <button class="quiet" name="item" value="{{ $item['now'] ? '' : $item['number'] }}">{{
                                        __($item['now'] ? 'practice.class.apart' : 'practice.class.together') }}</button>
                                </form>
                            @endif
                        </span>
                    </li>
                @endforeach
            </ul>
        </section>
        <section class="card-work" aria-labelledby="results-title">
            <h2 id="results-title">{{ __('practice.class.results') }}</h2>
            <ul class="practice-map">
                @forelse ($page->results() as $result)
                    <li>@tell($result['title']) <span class="hint">{{ __('practice.seen', ['found' => $result['found'], 'met' =>
                        $result['met']]) }}</span></li>
                @empty
                    <li>{{ __('practice.class.no_results') }}</li>
                @endforelse
            </ul>
            <p class="hint">{{ __('practice.class.by_code') }}</p>
        </section>
    </div>
</x-layout>
