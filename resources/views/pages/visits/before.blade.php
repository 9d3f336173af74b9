<div class="here-before" role="status">
    @foreach ($visits as $one)
        <section class="notice" data-before="{{ $one['visit']->id }}">
            <h3>{{ __('events.search.before', ['event' => $one['event']->name, 'day' => $one['event']->held_on]) }}</h3>
            <ul class="plain-list">
                @foreach ($one['seats'] as $seat)
                    <li><strong>{{ $seat['check']->maker }} {{ $seat['check']->model }}</strong>
                        @foreach ($seat['found'] as $finding)
                            <span>{{ __('events.search.found') }} @says($finding->message())</span>
                        @endforeach
                        @if ($seat['check']->verdict !== null)
                            <span>{{ __('events.search.left', ['verdict' => $seat['check']->verdict->title()]) }}</span>
                        @endif
                    </li>
                @endforeach
            </ul>
            <a class="quiet" href="{{ route('visits.sheet', $one['visit']) }}">{{ __('sheet.title') }}</a>
        </section>
    @endforeach
</div>
