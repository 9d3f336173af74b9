@props(['help'])
<details class="card-work panel help" data-help="{{ $help->picture }}">
    <summary>@tell($help->title)</summary>
    <div class="help-body">
        @include('components.drawing.help-picture', ['name' => $help->picture])
        <ol>
            @foreach ($help->steps as $step)
                <li>@says($step)</li>
            @endforeach
        </ol>
    </div>
</details>
