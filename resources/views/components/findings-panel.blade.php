@use('App\Words\Telling')
@use('MintBuckle\Core\Finding\Station')
@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'verdict'])
<aside class="findings-panel" aria-label="{{ __('checks.known') }}">
    <div class="verdict verdict-{{ $verdict->value }}" role="status" data-verdict="{{ $verdict->value }}">
        @include('components.buckle-mark', ['state' => $verdict->value, 'size' => 64])
        <p><strong>@tell($verdict->title())</strong> <span class="tally">@says($page->tally())</span>
            <span class="tally-short" aria-hidden="true">@says($page->tally(short: true))</span></p>
        @unless ($page->signed)
            <a class="press onward" href="{{ $page->onward() }}">{{ __('checks.onward') }}</a>
        @endunless
        @include('components.undo', ['page' => $page, 'class' => 'bar-undo', 'short' => true])
        <button type="button" class="findings-handle" data-findings-handle hidden
            aria-label="{{ __('checks.panel_handle') }}"></button>
    </div>
    @if ($page->now->station !== null && !$page->signed)
        <div class="next" id="next" tabindex="-1">
            <h2>{{ __($page->now->mend !== null ? 'checks.next_mend' : 'checks.next', [
                'here' => $page->now->station === $page->station,
                'station' => $page->now->station->title(),
            ]) }}</h2>
            @if ($page->now->mend !== null)
                @include('components.mend-next', ['page' => $page, 'card' => $page->now->mend])
            @elseif ($page->now->strapTests !== [])
                @foreach ($page->now->strapTests as $test)
                    @include('components.strap-test', ['page' => $page, 'test' => $test])
                @endforeach
            @elseif ($page->now->looks !== [])
                @include('components.looks', ['page' => $page])
            @elseif ($page->now->felt($page->now->row) !== null)
                @include('components.felt', ['page' => $page, 'felt' => $page->now->felt($page->now->row), 'figure' => $page->now->row])
                @include('components.figure-entry', ['page' => $page, 'row' => $page->now->row])
            @else
                @include('components.asked-row', ['row' => $page->now->row, 'page' => $page, 'where' => 'next'])
            @endif
        </div>
    @elseif (!$page->signed)
        <div class="next finished" id="next" tabindex="-1">
            <p>@says($page->afterwards()->finished())</p>
            @if ($page->afterwards()->maySeatBeGiven())
                <a class="quiet" href="{{ $page->address('instead') }}" data-instead>{{ __('checks.instead.title') }}</a>
            @endif
            @if ($page->afterwards()->seenGood() !== null)
                @can('sign')
                    <form method="post" action="{{ route('visits.departure', $page->check->visit_id) }}">
                        @csrf
                        <input type="hidden" name="seen" value="{{ $page->afterwards()->seenGood() }}">
                        <button class="press" data-leave="good">@tell($page->afterwards()->title())</button>
                    </form>
                @endcan
            @else
                <a class="press" href="{{ $page->onward() }}" data-afterwards>@tell($page->afterwards()->title())</a>
            @endif
        </div>
    @endif
    <div class="findings-more">
        @include('components.undo', ['page' => $page, 'class' => 'undo'])
        <div class="findings">
            @foreach (Station::cases() as $station)
                @continue($page->assessment->findingsAt($station) === [])
                <section>
                    <h2><a href="{{ $page->link(station: $station) }}">@tell($station->title())</a></h2>
                    @foreach ($page->findingsAt($station) as $card)
                        @include('components.finding', [
                            'card' => $card,
                            'page' => $page,
                            'finding' => $card->finding,
                            'open' => !$page->signed,
                        ])
                    @endforeach
                </section>
            @endforeach
            @if ($page->corrected !== [])
                <section class="corrected">
                    <h2>{{ __('checks.put_right') }}</h2>
                    @foreach ($page->corrected as $finding)
                        <p data-corrected="{{ $finding->code->value }}">
                            @include('components.buckle-mark', ['state' => 'good_to_ride', 'size' => 26]) <span>{{
                            __('checks.was_found', ['what' => Telling::now()->message($finding)]) }}</span></p>
                    @endforeach
                </section>
            @endif
            @if ($page->assessment->findings === [] && $page->corrected === [])
                <p class="empty">{{ __('checks.nothing_found') }}</p>
            @endif
        </div>
        <p class="findings-foot">
            <a href="{{ $page->address('card/technician') }}" data-key="c">{{ __('checks.card.title') }}</a> · <a
                href="{{ route('visits.car', $page->check->visit_id) }}">{{ __('visits.car.title') }}</a> · <a
                href="{{ route('visits.sheet', $page->check->visit_id) }}">{{ __('sheet.title') }}</a> · <a href="{{ $page->address('log')
                    }}">{{ __('checks.log.title') }}</a> · <a href="{{ $page->address('case') }}">{{ __('checks.case_file') }}</a> · <a
                href="{{ $page->address('practices') }}" data-practices>{{ __('own_practice.compare.short') }}</a> · <a
                href="{{ route('calculators.show', ['flight', 'check' => $page->check->id]) }}" data-flight>{{ __('flight.title') }}</a>
            <button type="button" class="plain" data-show-keys hidden>{{ __('checks.keys.title') }} <kbd>?</kbd></button>
        </p>
    </div>
</aside>
