@props(['answer', 'page'])
<section class="card-work">
    @foreach (MintBuckle\Core\Locking\LockFinder::of($answer->situation)->inOrder() as $way)
        <h3 data-way="{{ $way->way }}" data-works="{{ $way->works->name }}"><x-buckle-mark :state="['Yes' => 'good_to_ride', 'No' => 'do_not_use', 'Unknown' => 'not_finished'][$way->works->name]" :size="26" /> {{ $way->title() }}: {{ ['Yes' => 'works', 'No' => 'does not work', 'Unknown' => 'not known yet'][$way->works->name] }}</h3>
        <p>{{ $way->because }}</p>
        <x-way-steps :steps="$answer->stepsOf($way)" />
    @endforeach
</section>
<details class="card-work panel" data-belt-tree>
    <summary>Which belt have I got?</summary>
    <div class="belt-trees">
        <x-belt-tree :tree="new MintBuckle\Core\Locking\BeltTree()" at="slow_pull" :page="$page" path="vehicle.positions.0.retractor" form="calculator-form" />
        <x-belt-tree :tree="new MintBuckle\Core\Locking\BeltTree()" at="slide" :page="$page" path="vehicle.positions.0.latch_plate" form="calculator-form" />
    </div>
</details>
