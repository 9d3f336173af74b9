@props(['answer'])
<section class="card-work flight-points" aria-label="{{ __('flight.parts.points') }}">
    <ul>
        @foreach ($answer->flight()->points as $point)
            <li data-holds="{{ $point->holds->name }}"><x-truth-mark :truth="$point->holds" />
                <span>@says($point->told) <abbr class="hint" title="{{ __("sources.kinds.{$point->source->kind->value}") }}">{{
                    $point->source->kind->mark() }}</abbr></span></li>
        @endforeach
    </ul>
</section>
@foreach ($answer->flightSteps() as $part => $steps)
    <section class="card-work flight-part" aria-labelledby="flight-{{ $part }}" data-part="{{ $part }}">
        <h2 id="flight-{{ $part }}">{{ __("flight.parts.{$part}") }}</h2>
        <ol>
            @foreach ($steps as $step)
                <li>@says($step)</li>
            @endforeach
        </ol>
    </section>
@endforeach
<p class="hint">{{ __('flight.caution') }} <abbr title="{{ __("sources.kinds.{$answer->flight()->source->kind->value}") }}">{{
    $answer->flight()->source->kind->mark() }}</abbr> @tell($answer->flight()->source->text()).</p>
