@use('App\Words\Telling')
@use('MintBuckle\Core\Telling\Listing')
<x-layout :title="__('flight.title')" main="sheet">
    <x-slot:head><x-head :title="__('flight.title')" :subtitle="Telling::now()->tell($page->calculator->title())" /></x-slot:head>
    <div class="sheet-tools no-print">
        <a class="quiet" href="{{ $page->address('calculators.show') }}">{{ __('flight.to_calculator') }}</a>
        <button class="press" type="button" data-print hidden>{{ __('common.print') }}</button>
        <div class="switch" role="group" aria-label="{{ __('visits.language.sheet') }}">
            @foreach ($known as $one => $name)
                <a href="{{ $page->address('calculators.sheet', ['language' => $one]) }}" lang="{{ $one }}"
                    @class(['on' => $one === $language]) @if ($one === $language) aria-current="true" @endif>{{ $name }}</a>
            @endforeach
        </div>
    </div>
    @in($language)
    <div class="paper flight-paper" lang="{{ $language }}">
        <header>
            <h1>{{ __('flight.title') }}</h1>
            @if ($page->who() !== null)
                <p>@tell($page->who())</p>
            @endif
        </header>
        <p class="big" data-answer="{{ $page->headline()->key }}">@says($page->headline()->told)</p>
        @if ($page->answer()->missing() !== [])
            <p>{{ __('flight.open', ['what' => Listing::names($page->answer()->missing())]) }}</p>
        @endif
        <x-flight-parts :answer="$page->answer()" />
    </div>
    @endin
</x-layout>
