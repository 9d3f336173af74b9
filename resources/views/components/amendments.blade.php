@props(['since', 'event'])
@if ($since !== null)
    <section class="amended" data-amended>
        <h3>{{ __('amend.since') }}</h3>
        <ul>
            @foreach ($since->lines as $line)
                <li>@tell($line->what): <strong>@tell($line->value)</strong> – {{ $line->fact?->note }}
                    ({{ __('amend.by', [
                        'name' => (string) $line->fact?->author->name,
                        'time' => $event->clock($line->fact?->recorded_at),
                    ]) }})</li>
            @endforeach
        </ul>
        @if ($since->isWorse)
            <p><strong>{{ __('amend.worse', ['verdict' => $since->verdict->title()]) }}</strong></p>
            <ul>
                @foreach ($since->found as $line)
                    <li><strong>@says($line->message)</strong> @says($line->remedy)</li>
                @endforeach
            </ul>
        @endif
    </section>
@endif
