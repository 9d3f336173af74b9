<x-layout :title="__('consent.title')" main="page narrow-page consent">
    <x-slot:head><x-head :title="__('visits.ticket', ['ticket' => $visit->ticket])" :subtitle="__('consent.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('consent.title') }}</h1>
        <a class="quiet" href="{{ route('visits.sheet', $visit) }}">{{ __('sheet.title') }}</a>
    </div>
    @if ($consent !== null)
        <section class="card-work" data-consent>
            <p>{{ __('consent.given', ['time' => $visit->event->clock($consent->given_at), 'name' => $consent->taker->name]) }}</p>
            <blockquote lang="{{ $consent->language }}">{{ $consent->wording }}</blockquote>
            @if ($consent->name !== null)
                <p><strong>{{ $consent->name }}</strong></p>
            @endif
            @if ($consent->signature !== null)
                <svg viewBox="0 0 600 200" class="signature" role="img" aria-label="{{ __('consent.signature') }}"><path
                        d="{{ $consent->signature }}" /></svg>
            @endif
        </section>
    @endif
    @if ($visit->left_at === null)
        @in($visit->language)
        <form method="post" action="{{ route('visits.consent.store', $visit) }}" class="card-work stack" lang="{{ $visit->language }}">
            @csrf
            <p class="big">@tell($wording)</p>
            @if ($errors->any())
                <p class="problem" role="alert">{{ $errors->first() }}</p>
            @endif
            <div class="field" data-sign hidden>
                <p id="sign-here"><strong>{{ __('consent.sign_here') }}</strong></p>
                <svg viewBox="0 0 600 200" class="signature" data-pad role="img" aria-labelledby="sign-here"><path d="" /></svg>
                <input type="hidden" name="signature" value="">
                <button type="button" class="quiet" data-wipe>{{ __('consent.wipe') }}</button>
            </div>
            <div class="field"><label for="consent-name">{{ __('consent.name') }}</label><input id="consent-name" name="name"
                    autocomplete="off" maxlength="80" value="{{ old('name') }}"></div>
            <div class="actions"><button class="press">{{ __('consent.agree') }}</button></div>
        </form>
        @endin
    @endif
</x-layout>
