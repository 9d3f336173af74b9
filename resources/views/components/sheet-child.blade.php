@props(['child'])
<section class="sheet-child" data-verdict="{{ $child->assessment->verdict->value }}">
    <header>
        <x-buckle-mark :state="$child->assessment->verdict->value" :size="72" />
        <div>
            <h2>Child {{ $child->check->letter }}: {{ $child->assessment->verdict->title() }}</h2>
            <p>{{ $child->facts }}</p>
        </div>
    </header>
    @if ($child->open !== [] || $child->assessment->questions !== [])
        <h3>Before this child rides in it</h3>
        <ul>
            @foreach ($child->open as $finding)
                <li><strong>{{ $finding->message }}</strong> <x-retold :finding="$finding" /> {{ $finding->remedy }}@if ($child->whyDeclined($finding) !== null) <em>The family did not want it changed: “{{ $child->whyDeclined($finding) }}”.</em>@endif</li>
            @endforeach
            @if ($child->assessment->questions !== [])
                <li>The check is not finished: {{ count($child->assessment->questions) }} {{ count($child->assessment->questions) === 1 ? 'thing has' : 'things have' }} not been looked at, so nothing can be promised.</li>
            @endif
        </ul>
    @endif
    @if ($child->corrected !== [])
        <h3>What was found and put right</h3>
        <ul>@foreach ($child->corrected as $finding)<li>{{ $finding->message }} <x-retold :finding="$finding" /> <em>Put right: {{ $finding->remedy }}</em></li>@endforeach</ul>
    @endif
    @if ($child->assessment->computed->card !== null)
        <h3>How to do it again</h3>
        <ol class="again">@foreach ($child->assessment->computed->card as $step)<li>{{ $step->step }}</li>@endforeach</ol>
    @endif
    @if ($child->everyRide !== [])
        <h3>On every ride</h3>
        <ul>@foreach ($child->everyRide as $line)<li>{{ $line }}</li>@endforeach</ul>
    @endif
    @if ($child->advice !== [])
        <h3>Good to know</h3>
        <ul>@foreach ($child->advice as $finding)<li>{{ $finding->message }} <x-retold :finding="$finding" /> {{ $finding->remedy }}</li>@endforeach</ul>
    @endif
    @if ($child->dates !== [])
        <h3>Dates ahead</h3>
        <ul>@foreach ($child->dates as [$date, $what])<li><strong>{{ $date }}</strong> {{ $what }}</li>@endforeach</ul>
    @endif
    <p class="fine">Checked by {{ implode(', ', $child->by) }}.</p>
</section>
