@props(['computed'])
<details class="card-work panel">
    <summary>How this belt can be locked</summary>
    @foreach ($computed->beltLock as $way)
        <h3 data-way="{{ $way->way }}" data-works="{{ $way->works->name }}">@tell($way->title()):
            {{ ['Yes' => 'works', 'No' => 'does not work', 'Unknown' => 'not known yet'][$way->works->name] }}</h3>
        <p>@says($way->because())</p>
        <x-way-steps :steps="$computed->stepsOf($way)" />
    @endforeach
</details>
