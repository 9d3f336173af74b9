@props(['choices', 'chosen' => ''])
<div class="choices car-choices" role="radiogroup" aria-label="{{ __('visits.arrive.car') }}">
    @foreach ($choices->cars->titles as $id => $title)
        <label class="choice tick"><input type="radio" name="layout" value="{{ $id }}" id="f-layout-{{ $id }}"
                @checked((string) $id === $chosen)> <span>{{ $title }}</span></label>
    @endforeach
    @if ($choices->cars->titles === [])
        <p class="hint" role="status">{{ __('visits.arrive.no_car_found', ['words' => $choices->cars->words]) }}</p>
    @endif
    <details class="shapes" @if ($choices->cars->titles === [] || isset($choices->shapes[(int) $chosen])) open @endif>
        <summary>{{ __('visits.arrive.shape') }}</summary>
        <div class="choices">
            @foreach ($choices->shapes as $id => $title)
                <label class="choice tick"><input type="radio" name="layout" value="{{ $id }}" id="f-layout-{{ $id }}"
                        @checked((string) $id === $chosen)> <span>{{ $title }}</span></label>
            @endforeach
        </div>
    </details>
</div>
