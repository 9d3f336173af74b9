@use('App\Checks\FieldName')
@use('App\Http\Requests\RecallFeedRequest')
<x-layout title="Recalls" main="page recalls">
    <x-slot:head><x-head title="Recalls" subtitle="The list in use, lists on their way in, families to be told" /></x-slot:head>
    <div class="page-top">
        <h1>Recalls</h1>
    </div>
    <div class="two">
        <section class="card-work" aria-labelledby="in-use">
            <h2 id="in-use">The list in use</h2>
            @if ($page->list === null)
                <p class="empty">No list was taken yet: every check asks for one. Take the feed’s, or a file’s.</p>
            @else
                <p class="big" data-list-dated="{{ $page->list->dated->toDateString() }}">{{ $page->list->dated->format('j M Y') }}</p>
                <p><strong>{{ $page->age === 0
                    ? 'Of today'
                    : ($page->age === 1 ? '1 day old' : $page->age . ' days old') }}</strong>{{ $page->isStale()
                        ? ', stale: checks ask for a fresher one'
                        : '' }}.
                    {{ number_format($page->list->size) }} campaigns, from {{ $page->list->source }}.</p>
                @unless ($page->isOfTheDay())
                    <p class="problem">The day’s checks look into another list: this one is dated after the day.</p>
                @endunless
                <p><a class="quiet" href="{{ route('recalls.export', [$page->list, 'csv']) }}">Export CSV</a> <a class="quiet"
                        href="{{ route('recalls.export', [$page->list, 'json']) }}">Export JSON</a></p>
            @endif
        </section>
        <section class="card-work" aria-labelledby="another">
            <h2 id="another">Another list</h2>
            <form method="post" action="{{ route('recalls.imports.store') }}" enctype="multipart/form-data" class="stack">
                @csrf
                <div class="field"><label for="f-list">File, CSV or JSON</label><input id="f-list" type="file" name="list"
                        accept=".csv,.json,text/csv,application/json">
                    @error('list')
                        <p class="problem">{{ $message }}</p>
                    @enderror
                </div>
                <x-field :field="new FieldName('dated')" label="Date of the list" type="date"
                    hint="A CSV file has no place for it; a JSON file brings its own." />
                <button class="press">Read the file</button>
            </form>
            <form method="post" action="{{ route('recalls.feed') }}" class="stack feed">
                @csrf
                <fieldset>
                    <legend>Simulated feed: let it answer</legend>
                    <div class="choices">
                        @foreach (RecallFeedRequest::BEHAVIOURS as $behaviour => $words)
                            <button class="choice" name="behaviour" value="{{ $behaviour }}">{{ ucfirst($words) }}</button>
                        @endforeach
                    </div>
                </fieldset>
                <p class="hint">A stand-in that ships with Mint Buckle. Whatever it answers, the list in use stays until you take another.
                </p>
            </form>
            @if ($page->imports->isNotEmpty())
                <h3>Lately</h3>
                <ul class="plain-list">
                    @foreach ($page->imports as $import)
                        <li><a href="{{ route('recalls.imports.show', $import) }}">{{ $import->source }}</a>
                            <span>{{ $import->state->title() }}</span></li>
                    @endforeach
                </ul>
            @endif
        </section>
    </div>
    <section class="card-work" id="follow-up" aria-labelledby="follow-up-title">
        <h2 id="follow-up-title">Families to be told</h2>
        @forelse ($page->followUps as $followUp)
            <article class="follow-up" data-follow-up="{{ $followUp->answer }}">
                <h3>
                    <x-buckle-mark :state="$followUp->answer === 'affected' ? 'do_not_use' : 'not_finished'" :size="32" />
                    {{ $followUp->check->visit->family?->first_name }} <span>ticket
                        {{ $followUp->check->visit->ticket }}{{ $followUp->check->letter }},
                        {{ $followUp->check->seatModel?->title() ?? 'seat by hand' }}</span></h3>
                <p><strong>{{ $followUp->check->visit->family?->contact }}</strong>.
                    {{ $followUp->answer === 'affected'
                        ? 'Their seat is recalled.'
                        : 'Their seat may be recalled: make date, model or serial would decide.' }}
                </p>
                <ul>
                    @foreach ($page->words($followUp) as $words)
                        <li>{{ $words }}</li>
                    @endforeach
                </ul>
                <form method="post" action="{{ route('recalls.told', [$page->list, $followUp->check_id]) }}">
                    @csrf
                    <button @class([
                        'press' => $followUp->told_at === null,
                        'quiet' => $followUp->told_at !== null,
                    ]) name="told"
                        value="{{ $followUp->told_at === null
                            ? '1'
                            : '0' }}">{{ $followUp->told_at === null
                                ? 'They were told'
                                : 'Told ' . $followUp->told_at->format('j M') . ', not after all' }}</button>
                </form>
            </article>
        @empty
            <p class="empty">No family that asked to hear of recalls has a seat on this list.</p>
        @endforelse
        @if ($page->others > 0)
            <p class="hint">{{ $page->others }} more {{ $page->others === 1 ? 'check is' : 'checks are' }} named whose family is still
                here or left no contact.</p>
        @endif
    </section>
    @if ($page->list !== null)
        <section class="card-work" aria-labelledby="campaigns-title">
            <h2 id="campaigns-title">Campaigns</h2>
            <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">Maker or
                    number</label><input id="q" type="search" name="q" value="{{ $page->search }}"
                    placeholder="maker, or a campaign’s number"><button class="keep">Look</button></form>
            <div class="scroll" tabindex="0" role="region" aria-label="Table of campaigns">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Number</th>
                            <th scope="col">Maker and models</th>
                            <th scope="col">Made</th>
                            <th scope="col">What</th>
                        </tr>
                    </thead>
                    <tbody>
                        @forelse ($page->campaigns as $campaign)
                            <tr data-campaign="{{ $campaign->code }}">
                                <td><code>{{ $campaign->code }}</code></td>
                                <td>{{ $campaign->maker }} {{ implode(', ', $campaign->models) ?: 'every model' }}</td>
                                <td>{{ $campaign->made_from ?? 'any' }} to {{ $campaign->made_to ?? 'any' }}</td>
                                <td>{{ $campaign->advice === 'usable_until_remedy' ? 'Usable until put right' : 'Stop use' }}:
                                    {{ $campaign->defect }}. {{ $campaign->remedy }}</td>
                            </tr>
                        @empty
                            <tr>
                                <td colspan="4">None. The maker is looked for as a whole name.</td>
                            </tr>
                        @endforelse
                    </tbody>
                </table>
            </div>
        </section>
    @endif
</x-layout>
