@use('MintBuckle\Core\Telling\Listing')
@props(['page'])
<section class="card-work bus-move" aria-labelledby="move-title">
    <h2 id="move-title">{{ __('bus.plan.by_hand') }}</h2>
    @foreach ($page->lines() as $line)
        <input type="hidden" name="at[]" value="{{ $line }}">
    @endforeach
    @if ($page->placing !== null)
        <div role="status" class="bus-faults" data-faults="{{ count($page->faults) }}">
            @foreach ($page->faults as $fault)
                <p class="problem" data-fault="{{ $fault->code->value }}">@says($fault->told())</p>
            @endforeach
            @if ($page->placing->unseated() !== [])
                <p>{{ __('bus.plan.unseated', ['names' => Listing::all($page->placing->unseated())]) }}</p>
            @elseif ($page->faults === [])
                <p>{{ __('bus.plan.all_right') }}</p>
            @endif
        </div>
    @endif
    <p class="hint">{{ __('bus.plan.move_hint') }}</p>
    <div class="two">
        <div class="field"><label for="move-rider">{{ __('bus.plan.who') }}</label>
            <select id="move-rider" name="move_rider">
                <option value="">{{ __('common.choose') }}</option>
                @foreach ($page->riders() as $name)
                    <option>{{ $name }}</option>
                @endforeach
            </select></div>
        <div class="field"><label for="move-to">{{ __('bus.plan.where') }}</label>
            <select id="move-to" name="move_to">
                <option value="">{{ __('common.choose') }}</option>
                @foreach ($page->places() as $place => $told)
                    <option value="{{ $place }}">@tell($told)</option>
                @endforeach
            </select></div>
    </div>
    <p class="actions">
        <button class="quiet" name="move" value="1" id="move-now" hx-post="{{ route('bus.plan') }}" hx-target="#bus-plan"
                    hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.move') }}</button>
        @if ($page->placing !== null)
            <button id="move-drop" class="quiet" name="drop" value="1" hx-post="{{ route('bus.plan') }}" hx-target="#bus-plan"
                    hx-select="#bus-plan" hx-swap="morph:outerHTML">{{ __('bus.plan.drop') }}</button>
        @endif
    </p>
</section>
