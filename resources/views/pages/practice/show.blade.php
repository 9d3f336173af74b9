<x-layout :title="__('practice.subtitle')" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="__('practice.subtitle')" /></x-slot:head>
    @fragment('drill')
        <div id="drill" class="drill @if (! $page->isEnded()) drill-open @endif" data-ended="{{ $page->isEnded() ? 'yes' : 'no' }}">
            <div class="page-top">
                <h1>{{ __('practice.subtitle') }}</h1>
                <p>{{ __('practice.how') }}</p>
                <a class="quiet" href="{{ $page->home() }}">{{ __('practice.title') }}</a>
            </div>
            @if ($page->problem !== null)
                <p class="notice problem" role="alert">{{ $page->problem }}</p>
            @endif
            <div class="drill-columns">
                <div>
                    @if (! $page->isEnded())
                        <section class="card-work drill-looks" aria-label="{{ __('practice.looks') }}">
                            <form method="post" action="{{ route('practice.look', $page->attempt) }}" class="choices"
                                hx-post="{{ route('practice.look', $page->attempt) }}" hx-target="#drill" hx-swap="morph:outerHTML"
                                id="drill-looks">
                                @csrf
                                @foreach ($page->looks() as $look)
                                    <button id="look-{{ $look->value }}" @class(['choice', 'on' => $page->isLooked($look)]) name="look"
                                        value="{{ $look->value }}" @disabled($page->isLooked($look))>@tell($look->title())</button>
                                @endforeach
                            </form>
                        </section>
                    @endif
                    @foreach ($page->taken() as $look)
                        <section class="card-work drill-look" data-look="{{ $look->value }}" aria-labelledby="title-{{ $look->value }}">
                            <h2 id="title-{{ $look->value }}">@tell($look->title())</h2>
                            @if ($loop->first && !$page->isEnded())
                                <x-drill-drawings :page="$page" :look="$look" />
                            @endif
                            @foreach ($page->rows($look) as $row)
                                <x-drill-row :row="$row" :page="$page" />
                            @endforeach
                        </section>
                    @endforeach
                </div>
                <aside class="drill-side">
                    <x-drill-result :page="$page" />
                </aside>
            </div>
        </div>
    @endfragment
</x-layout>
