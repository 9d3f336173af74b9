@use('App\Checks\FieldName')
@use('App\Http\Requests\RecallFeedRequest')
<x-layout :title="__('recalls.title')" main="page recalls">
    <x-slot:head><x-head :title="__('recalls.title')" :subtitle="__('recalls.subtitle')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('recalls.title') }}</h1>
    </div>
    <div class="two">
        <section class="card-work" aria-labelledby="in-use">
            <h2 id="in-use">{{ __('recalls.in_use') }}</h2>
            @if ($page->list === null)
                <p class="empty">{{ __('recalls.none') }}</p>
            @else
                <p class="big" data-list-dated="{{ $page->list->dated->toDateString() }}">{{ __('recalls.of_day', ['day' =>
                    $page->list->dated]) }}</p>
                <p><strong>{{ __('recalls.age', ['age' => $page->age, 'stale' => $page->isStale()]) }}</strong>
                    {{ __('recalls.size', ['n' => $page->list->size, 'source' => $page->list->source]) }}</p>
                @unless ($page->isOfTheDay())
                    <p class="problem">{{ __('recalls.not_of_the_day') }}</p>
                @endunless
                <p><a class="quiet" href="{{ route('recalls.export', [$page->list, 'csv']) }}">{{ __('common.export_csv') }}</a> <a
                    class="quiet"
                        href="{{ route('recalls.export', [$page->list, 'json']) }}">{{ __('common.export_json') }}</a></p>
            @endif
        </section>
        @can('publish')
            <section class="card-work" aria-labelledby="another">
                <h2 id="another">{{ __('recalls.another') }}</h2>
                <form method="post" action="{{ route('recalls.imports.store') }}" enctype="multipart/form-data" class="stack">
                    @csrf
                    <div class="field"><label for="f-list">{{ __('recalls.file') }}</label><input id="f-list" type="file" name="list"
                            accept=".csv,.json,text/csv,application/json">
                        @error('list')
                            <p class="problem">{{ $message }}</p>
                        @enderror
                    </div>
                    <x-field :field="new FieldName('dated')" :label="__('recalls.dated')" type="date"
                        :hint="__('recalls.dated_hint')" />
                    <button class="press">{{ __('recalls.read') }}</button>
                </form>
                <form method="post" action="{{ route('recalls.feed') }}" class="stack feed">
                    @csrf
                    <fieldset>
                        <legend>{{ __('recalls.feed.title') }}</legend>
                        <div class="choices">
                            @foreach (RecallFeedRequest::BEHAVIOURS as $behaviour)
                                <button class="choice" name="behaviour" value="{{ $behaviour }}">{{ __("recalls.feed.answers.{$behaviour}")
                                    }}</button>
                            @endforeach
                        </div>
                    </fieldset>
                    <p class="hint">{{ __('recalls.feed.hint') }}
                    </p>
                </form>
                @if ($page->imports->isNotEmpty())
                    <h3>{{ __('recalls.lately') }}</h3>
                    <ul class="plain-list">
                        @foreach ($page->imports as $import)
                            <li><a href="{{ route('recalls.imports.show', $import) }}">{{ $import->source }}</a>
                                <span>{{ __("recalls.states.{$import->state->value}") }}</span></li>
                        @endforeach
                    </ul>
                @endif
            </section>
        @endcan
    </div>
    <section class="card-work" id="follow-up" aria-labelledby="follow-up-title">
        <h2 id="follow-up-title">{{ __('recalls.to_tell') }}</h2>
        @can('sign')
            <p><a class="quiet" href="{{ route('follow-ups') }}">{{ __('follow_ups.title') }}</a></p>
        @endcan
        @forelse ($page->followUps ?? [] as $followUp)
            <article class="follow-up" data-follow-up="{{ $followUp->answer }}">
                <h3>
                    <x-buckle-mark :state="$followUp->answer === 'affected' ? 'do_not_use' : 'not_finished'" :size="32" />
                    {{ $followUp->check->visit->family?->first_name }} <span>{{ __('recalls.whose', ['ticket' =>
                        $followUp->check->visit->ticket, 'letter' => $followUp->check->letter, 'seat' =>
                            $followUp->check->seatModel?->title() ?? __('recalls.by_hand')]) }}</span></h3>
                <p><strong>{{ $followUp->check->visit->family?->contact }}</strong>.
                    {{ __($followUp->answer === 'affected' ? 'recalls.affected' : 'recalls.possible') }}
                </p>
                <ul>
                    @foreach ($page->words($followUp) as $words)
                        <li>@tell($words)</li>
                    @endforeach
                </ul>
                @can('sign')
                    <form method="post" action="{{ route('recalls.told', [$page->list, $followUp->check_id]) }}">
                        @csrf
                        <button @class([
                            'press' => $followUp->told_at === null,
                            'quiet' => $followUp->told_at !== null,
                        ]) name="told"
                            value="{{ $followUp->told_at === null
                                ? '1'
                                : '0' }}">{{ $followUp->told_at === null
                                    ? __('recalls.tell')
                                    : __('recalls.untell', ['day' => $followUp->told_at]) }}</button>
                    </form>
                @endcan
            </article>
        @empty
            <p class="empty">{{ __('recalls.nobody') }}</p>
        @endforelse
        @if ($page->followUps?->hasPages())
            <nav class="choices" aria-label="{{ __('recalls.to_tell') }}">
                @if ($page->followUps->previousPageUrl() !== null)
                    <a class="quiet" href="{{ $page->followUps->previousPageUrl() }}#follow-up">{{ __('recalls.earlier') }}</a>
                @endif
                <span>{{ __('recalls.page', ['page' => $page->followUps->currentPage(), 'pages' => $page->followUps->lastPage()]) }}</span>
                @if ($page->followUps->hasMorePages())
                    <a class="quiet" href="{{ $page->followUps->nextPageUrl() }}#follow-up">{{ __('recalls.later') }}</a>
                @endif
            </nav>
        @endif
        @if ($page->others > 0)
            <p class="hint">{{ __('recalls.others', ['n' => $page->others]) }}</p>
        @endif
    </section>
    @if ($page->list !== null)
        <section class="card-work" aria-labelledby="campaigns-title">
            <h2 id="campaigns-title">{{ __('recalls.campaigns') }}</h2>
            <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">{{ __('recalls.search')
                }}</label><input id="q" type="search" name="q" value="{{ $page->search }}"
                    placeholder="{{ __('recalls.search_example') }}"><button class="keep">{{ __('common.look') }}</button></form>
            <div class="scroll" tabindex="0" role="region" aria-label="{{ __('recalls.table') }}">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">{{ __('recalls.number') }}</th>
                            <th scope="col">{{ __('recalls.models') }}</th>
                            <th scope="col">{{ __('recalls.made') }}</th>
                            <th scope="col">{{ __('recalls.what') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @forelse ($page->campaigns as $campaign)
                            <tr data-campaign="{{ $campaign->code }}">
                                <td><code>{{ $campaign->code }}</code></td>
                                <td>{{ $campaign->maker }} {{ implode(', ', $campaign->models) ?: __('recalls.every_model') }}</td>
                                <td>{{ __('recalls.window', ['from' => $campaign->made_from ?? __('recalls.any'), 'to' =>
                                    $campaign->made_to ?? __('recalls.any')]) }}</td>
                                <td>{{ __($campaign->advice === 'usable_until_remedy' ? 'recalls.usable' : 'recalls.stop_use') }}:
                                    {{ $campaign->defect }}. {{ $campaign->remedy }}</td>
                            </tr>
                        @empty
                            <tr>
                                <td colspan="4">{{ __('recalls.no_campaign') }}</td>
                            </tr>
                        @endforelse
                    </tbody>
                </table>
            </div>
        </section>
    @endif
</x-layout>
