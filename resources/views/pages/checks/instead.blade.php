@use('MintBuckle\Core\Asking\Answers')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('checks.instead.title')" main="page narrow-page">
    <x-slot:head><x-head :title="$page->check->title()" :subtitle="__('checks.instead.title')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('checks.instead.title') }}</h1><a class="quiet" href="{{ route('checks.show', [$page->check->id, 'left', 'label']) }}">{{
            __('checks.back') }}</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} {{ __('common.unchanged') }}</p>
    @endif
    <p>{{ __('checks.instead.how') }}</p>
    @if ($searched)
        <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">{{ __('catalogue.search_short')
            }}</label><input id="q" type="search" name="q" value="{{ $words }}"
                placeholder="{{ __('catalogue.search_short_example') }}"><button class="keep">{{ __('common.look') }}</button></form>
    @endif
    <ul class="calculators">
        @forelse ($page->seats as $seat)
            <li>
                <form method="post" action="{{ route('checks.instead', $page->check->id) }}" class="card-work"
                    data-instead="{{ $seat['model']->model }}">
                    @csrf
                    @foreach (range(0, 2) as $entry)
                        <input type="hidden" name="ids[{{ $entry }}]" value="{{ UuidV7::generate() }}">
                    @endforeach
                    <input type="hidden" name="model" value="{{ $seat['model']->id }}">
                    <strong>{{ $seat['model']->title() }}</strong>
                    <span>{{ __('checks.instead.fits', [
                        'mode' => $seat['instead']->mode->title(),
                        'place' => Answers::placeTitle($seat['instead']->place, within: true),
                        'known' => $seat['instead']->until !== null,
                        'until' => $page->until($seat['instead']),
                    ]) }}</span>
                    <button class="quiet">{{ __('checks.instead.give') }}</button>
                </form>
            </li>
        @empty
            <li class="card-work">{{ __('checks.instead.none') }}</li>
        @endforelse
    </ul>
</x-layout>
