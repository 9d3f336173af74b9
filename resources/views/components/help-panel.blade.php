@props(['help'])
<details class="card-work panel help" data-help="{{ $help->picture }}">
    <summary>{{ $help->title }}</summary>
    <div class="help-body">
        <x-drawing.help-picture :name="$help->picture" />
        <ol>
            @foreach ($help->steps as $step)
                <li>{{ $step }}</li>
            @endforeach
        </ol>
    </div>
</details>
