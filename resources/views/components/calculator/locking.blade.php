@use('MintBuckle\Core\Locking\BeltTree')
@use('MintBuckle\Core\Locking\LockFinder')
@props(['answer', 'page'])
<section class="card-work">
    @foreach (LockFinder::of($answer->situation)->inOrder() as $way)
        <h3 data-way="{{ $way->way }}" data-works="{{ $way->works->name }}"><x-truth-mark :truth="$way->works" />
            {{ __('checks.way_works', ['way' => $way->title(), 'works' => strtolower($way->works->name)]) }}</h3>
        <p>@says($way->because())</p>
        <x-way-steps :steps="$answer->stepsOf($way)" />
    @endforeach
</section>
<details class="card-work panel" data-belt-tree>
    <summary>{{ __('checks.which_belt') }}</summary>
    <div class="belt-trees">
        <x-belt-tree :tree="new BeltTree()" at="slow_pull" :page="$page" path="vehicle.positions.0.retractor" form="calculator-form" />
        <x-belt-tree :tree="new BeltTree()" at="slide" :page="$page" path="vehicle.positions.0.latch_plate" form="calculator-form" />
    </div>
</details>
