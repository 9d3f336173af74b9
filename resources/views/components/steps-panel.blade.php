@props(['title', 'steps'])
<details {{ $attributes->class(['card-work', 'panel']) }}>
    <summary>{{ $title }}</summary>
    <ol>
        @foreach ($steps as $step)
            <li>{{ is_string($step) ? $step : $step->step }}@unless (is_string($step))
                <em>{{ $step->check }}</em>
            @endunless
        </li>
    @endforeach
</ol>
</details>
