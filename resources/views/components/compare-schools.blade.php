@props(['heading', 'points'])
@if ($points !== [])
    <section @class(['card-work' => $heading !== null])>
        @if ($heading !== null)
            <h2>{{ $heading }}</h2>
        @endif
        <dl class="rules">
            @foreach ($points as $point)
                <div data-school="{{ $point->value }}">
                    <dt>@says($point->told()['point']) <abbr title="{{ __('sources.kinds.common') }}">C</abbr></dt>
                    <dd>@says($point->told()['schools']). {{ __('own_practice.compare.here_is', ['here' => $point->told()['here']]) }}</dd>
                </div>
            @endforeach
        </dl>
    </section>
@endif
