@props(['page'])
{{-- Ids keep one button from becoming another when the plan is changed in place. --}}
<section class="card-work bus-proposal" aria-labelledby="proposal-title" role="status">
    @if ($page->plan() !== null)
        <h2 id="proposal-title">@tell($page->proposal())</h2>
        <ul>
            @foreach ($page->plan()->why as $why)
                <li>@says($why)</li>
            @endforeach
            @if ($page->answer->cut !== null)
                <li>@says($page->answer->cut)</li>
            @endif
        </ul>
        <p class="actions">
            @if ($page->isProposed())
                <button id="plan-take" class="quiet" name="take" value="{{ $page->number() }}" hx-post="{{ route('bus.plan') }}"
                    hx-target="#bus-plan" hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.take') }}</button>
            @endif
            @if (count($page->answer->plans) > 1)
                <button id="plan-back" class="quiet" name="plan" value="{{ $page->before() }}" hx-post="{{ route('bus.plan') }}"
                    hx-target="#bus-plan" hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.back') }}</button>
                <button id="plan-next" class="quiet" name="plan" value="{{ $page->after() }}" hx-post="{{ route('bus.plan') }}"
                    hx-target="#bus-plan" hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.next') }}</button>
            @endif
        </p>
    @elseif ($page->answer?->impossible !== null)
        <h2 id="proposal-title">{{ __('bus.plan.impossible') }}</h2>
        <ul>
            @foreach ($page->answer->impossible as $obstacle)
                <li class="problem">@says($obstacle->words)</li>
            @endforeach
        </ul>
    @else
        <h2 id="proposal-title">{{ __('bus.plan.begin') }}</h2>
        <p>{{ __('bus.plan.begin_hint') }}</p>
    @endif
    @if ($page->seated() !== null)
        <h3>{{ __('bus.plan.seats') }}</h3>
        <ul class="bus-seats">
            @foreach ($page->seats() as $seat)
                <li><label class="tick"><input type="checkbox" name="keep[]" value="{{ $seat['keep'] }}" @checked($seat['kept'])>
                    <span>@says($seat['told'])
                        @if ($seat['outgrows'] !== null)
                            <small>@says($seat['outgrows'])</small>
                        @endif
                    </span></label></li>
            @endforeach
        </ul>
        <p class="hint">{{ __('bus.plan.keep_hint') }}</p>
        @if ($page->rideable() !== null)
            <h3>{{ __('bus.plan.boarding') }}</h3>
            <p>{{ implode(', ', $page->rideable()->boarding) }}</p>
            <h3>{{ __('bus.leaving.title') }}</h3>
            <ul>
                @foreach ($page->leaving() as $leaving)
                    <li>@tell($leaving['way']): {{ implode(', ', $leaving['names']) }}</li>
                @endforeach
            </ul>
            <p class="hint">{{ __('bus.leaving.hint') }}</p>
            <button id="plan-trip" class="quiet" name="plan" value="{{ $page->number() }}" formaction="{{ route('bus.trips.store') }}">{{
                __('trips.begin') }}</button>
        @endif
    @endif
    <button id="plan-seat" class="press" hx-post="{{ route('bus.plan') }}" hx-target="#bus-plan"
                    hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.seat') }}</button>
</section>
