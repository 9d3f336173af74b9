@props(['steps'])
@if ($steps !== [])
    <ol>
        @foreach ($steps as $step)
            <li>{{ $step->step }} <span class="hint">{{ $step->check }}</span></li>
        @endforeach
    </ol>
@endif
