@props(['steps'])
@if ($steps !== [])
    <ol>
        @foreach ($steps as $step)
            <li>@says($step->step()) <span class="hint">@says($step->check())</span></li>
        @endforeach
    </ol>
@endif
