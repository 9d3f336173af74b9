@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['page', 'index'])
<section class="card-work two" data-child aria-labelledby="child-{{ $index }}-title">
    <h2 id="child-{{ $index }}-title">{{ __('visits.arrive.child_and_seat') }} <span data-letter>{{ $page::letter($index) }}</span></h2>
    <x-field :field="$page->field($index, 'born_on')" :label="__('visits.arrive.born')" autocomplete="off"
        :hint="__('visits.arrive.born_hint')" />
    <x-field :field="$page->field($index, 'weight')" :label="__('visits.arrive.weight')"
        :unit="$page->units->for(AnswerKind::Mass)->symbol()"
        inputmode="decimal" />
    <x-field :field="$page->field($index, 'height')" :label="__('visits.arrive.height')"
        :unit="$page->units->for(AnswerKind::Length)->symbol()"
        inputmode="decimal" />
    <x-choice-field :field="$page->field($index, 'sex')" :label="__('visits.arrive.chart')" :options="['f' => __('visits.arrive.girls'),
        'm' => __('visits.arrive.boys')]" />
    <div class="field seat-field">
        <x-label-code :index="$index" />
        <input type="hidden" id="f-children-{{ $index }}-serial" name="children[{{ $index }}][serial]"
            value="{{ old("children.{$index}.serial") }}">
        <label for="f-children-{{ $index }}-seat">{{ __('visits.arrive.seat') }}</label>
        <input id="f-children-{{ $index }}-seat" name="children[{{ $index }}][seat_words]" type="search" autocomplete="off"
            value="{{ old("children.{$index}.seat_words") }}" placeholder="{{ __('visits.arrive.seat_example') }}"
            hx-get="{{ route('visits.seats') }}" hx-trigger="input changed delay:200ms" hx-target="next .seat-choices" hx-swap="outerHTML">
        <noscript><button class="quiet" formaction="{{ route('visits.look') }}" formnovalidate>{{ __('common.look') }}</button></noscript>
        <x-seat-choices :index="$index" :choices="$page->seats[$index]" :chosen="(string) old('children.' . $index . '.seat')" />
        @error("children.{$index}.seat")
            <p class="problem" id="f-children-{{ $index }}-seat-problem">{{ $message }}</p>
        @enderror
    </div>
    <div class="of-seat">
        <x-field :field="$page->field($index, 'made_on')" :label="__('visits.arrive.made_on')" :hint="__('visits.arrive.made_on_hint')" />
        <div class="by-hand two" data-by-hand>
            <x-field :field="$page->field($index, 'maker')" :label="__('visits.arrive.maker')" />
            <x-field :field="$page->field($index, 'model')" :label="__('visits.arrive.model')" />
        </div>
        <x-choice-field :field="$page->field($index, 'mode')" :label="__('visits.arrive.rides')" :options="$page->modes" />
    </div>
    <x-field :field="$page->field($index, 'position')" :label="__('visits.arrive.place')" :options="$page->places" required />
    <div class="remarks" role="status" data-remarks hx-post="{{ route('visits.remarks') }}" hx-include="closest section"
        hx-trigger="change from:closest section delay:300ms" hx-vals='{"units": "{{ $page->units->value }}"}'
        hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}'></div>
</section>
