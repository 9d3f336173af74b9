@props(['page'])
<div class="card-adults">
    @if ($page->check->visit->adults > 1)
        <nav class="switch" aria-label="{{ __('checks.card.who') }}">
            @foreach (range(1, $page->check->visit->adults) as $adult)
                <a href="{{ route('checks.card', [$page->check->id, 'family', 'adult' => $adult]) }}" data-adult="{{ $adult }}"
                    @class(['on' => $adult === $page->adult])
                    @if ($adult === $page->adult) aria-current="true" @endif>{{ __('checks.card.adult', ['n' => $adult,
                        'done' => $page->showBack->isDoneBy($adult)]) }}</a>
            @endforeach
        </nav>
    @endif
    <form method="post" action="{{ route('visits.adults', $page->check->visit_id) }}" class="adults">
        @csrf
        <input type="hidden" name="check" value="{{ $page->check->id }}">
        <fieldset class="choice-field">
            <legend>{{ __('checks.card.adults') }}</legend>
            <div class="choices">
                @foreach ([1, 2, 3, 4] as $adults)
                    <button class="choice @if ($adults === $page->check->visit->adults) on @endif" name="adults" value="{{ $adults }}"
                        aria-pressed="{{ $adults === $page->check->visit->adults ? 'true' : 'false' }}">{{ $adults }}</button>
                @endforeach
            </div>
        </fieldset>
    </form>
</div>
