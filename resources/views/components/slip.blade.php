@props(['page', 'verdict'])
<aside class="slip" aria-label="Slip: what is known so far">
    <div class="verdict verdict-{{ $verdict->value }}" role="status" data-verdict="{{ $verdict->value }}">
        <x-buckle-mark :state="$verdict->value" :size="64" />
        <p><strong>{{ $verdict->title() }}</strong> <span>{{ $page->tally() }}</span></p>
    </div>
    @if ($page->next && ! $page->check->signed_at)
        <div class="next">
            <h2>Next{{ $page->next->askable->station === $page->station ? '' : ', at ' . $page->next->askable->station->title() }}</h2>
            <x-asked-row :row="$page->next" :page="$page" where="next" />
        </div>
    @endif
    <div class="findings">
        @foreach (MintBuckle\Core\Finding\Station::cases() as $station)
            @continue($page->assessment->findingsAt($station) === [])
            <section>
                <h2><a href="{{ $page->link(station: $station) }}">{{ $station->title() }}</a></h2>
                @foreach ($page->assessment->findingsAt($station) as $finding)
                    <x-finding :finding="$finding" />
                @endforeach
            </section>
        @endforeach
        @if ($page->corrected !== [])
            <section class="corrected">
                <h2>Put right</h2>
                @foreach ($page->corrected as $finding)
                    <p data-corrected="{{ $finding->code->value }}"><x-buckle-mark state="good_to_ride" :size="26" /> <span>Found: {{ $finding->message }}</span></p>
                @endforeach
            </section>
        @endif
        @if ($page->assessment->findings === [] && $page->corrected === [])
            <p class="empty">Nothing found yet.</p>
        @endif
    </div>
    <p class="slip-foot"><a href="{{ route('visits.sheet', $page->check->visit_id) }}">Take-home sheet</a> · <a href="{{ route('checks.case', $page->check) }}">Case file</a></p>
</aside>
