@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@props(['page', 'index'])
<section class="card-work two" data-child aria-labelledby="child-{{ $index }}-title">
    <h2 id="child-{{ $index }}-title">Child <span data-letter>{{ $page::letter($index) }}</span> and seat</h2>
    <x-field :field="$page->field($index, 'born_on')" label="Born" type="date" />
    <x-field :field="$page->field($index, 'weight')" label="Weight," :unit="$page->units->for(AnswerKind::Mass)->symbol()"
        inputmode="decimal" />
    <x-field :field="$page->field($index, 'height')" label="Height," :unit="$page->units->for(AnswerKind::Length)->symbol()"
        inputmode="decimal" />
    <x-choice-field :field="$page->field($index, 'sex')" label="Growth chart" :options="['f' => 'Girls', 'm' => 'Boys']" />
    <x-field :field="$page->field($index, 'seat')" label="Seat"
        :options="$page->seats->mapWithKeys(fn($s) => [$s->id => $s->title()])->all() + ['other' => 'Not in the catalogue']" required />
    <x-field :field="$page->field($index, 'made_on')" label="Made on" hint="As far as the label says: 2023, 2023-03 or 2023-03-14." />
    <div class="by-hand two" data-by-hand>
        <x-field :field="$page->field($index, 'maker')" label="Maker, if not in the catalogue" />
        <x-field :field="$page->field($index, 'model')" label="Model number, if not in the catalogue" />
    </div>
    <x-choice-field :field="$page->field($index, 'mode')" label="Rides as found" :options="$page->modes" />
    <x-field :field="$page->field($index, 'position')" label="Place as found" :options="$page->places" required />
</section>
