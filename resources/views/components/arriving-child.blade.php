@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['page', 'index'])
<section class="card-work two" data-child aria-labelledby="child-{{ $index }}-title">
    <h2 id="child-{{ $index }}-title">{{ __('visits.arrive.child_and_seat') }} <span data-letter>{{ $page::letter($index) }}</span></h2>
    <x-field :field="$page->field($index, 'born_on')" :label="__('visits.arrive.born')" type="date" />
    <x-field :field="$page->field($index, 'weight')" :label="__('visits.arrive.weight')"
        :unit="$page->units->for(AnswerKind::Mass)->symbol()"
        inputmode="decimal" />
    <x-field :field="$page->field($index, 'height')" :label="__('visits.arrive.height')"
        :unit="$page->units->for(AnswerKind::Length)->symbol()"
        inputmode="decimal" />
    <x-choice-field :field="$page->field($index, 'sex')" :label="__('visits.arrive.chart')" :options="['f' => __('visits.arrive.girls'),
        'm' => __('visits.arrive.boys')]" />
    <x-field :field="$page->field($index, 'seat')" :label="__('visits.arrive.seat')"
        :options="$page->seats->mapWithKeys(fn($s) => [$s->id => $s->title()])->all() + ['other' => __('visits.arrive.not_in_catalogue')]"
            required />
    <x-field :field="$page->field($index, 'made_on')" :label="__('visits.arrive.made_on')" :hint="__('visits.arrive.made_on_hint')" />
    <div class="by-hand two" data-by-hand>
        <x-field :field="$page->field($index, 'maker')" :label="__('visits.arrive.maker')" />
        <x-field :field="$page->field($index, 'model')" :label="__('visits.arrive.model')" />
    </div>
    <x-choice-field :field="$page->field($index, 'mode')" :label="__('visits.arrive.rides')" :options="$page->modes" />
    <x-field :field="$page->field($index, 'position')" :label="__('visits.arrive.place')" :options="$page->places" required />
</section>
