@props(['page'])
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
        @if (count($page->answer->plans) > 1)
            <p class="actions">
                <button class="quiet" name="plan" value="{{ $page->before() }}">{{ __('bus.plan.back') }}</button>
                <button class="quiet" name="plan" value="{{ $page->after() }}">{{ __('bus.plan.next') }}</button>
            </p>
        @endif
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
        <h3>{{ __('bus.plan.boarding') }}</h3>
        <p>{{ implode(', ', $page->plan()->boarding) }}</p>
        <button class="quiet" name="plan" value="{{ $page->number() }}" formaction="{{ route('bus.trips.store') }}">{{
            __('trips.begin') }}</button>
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
    <button class="press">{{ __('bus.plan.seat') }}</button>
</section>
