@props(['ways'])
<details class="card-work panel">
    <summary>How this belt can be locked</summary>
    @foreach ($ways as $way)
        <h3 data-way="{{ $way->way }}" data-works="{{ $way->works->name }}">{{ $way->title() }}: {{ ['Yes' => 'works', 'No' => 'does not work', 'Unknown' => 'not known yet'][$way->works->name] }}</h3>
        <p>{{ $way->because }}</p>
        @if ($way->steps !== [])<ol>@foreach ($way->steps as $step)<li>{{ $step }}</li>@endforeach</ol>@endif
    @endforeach
</details>
