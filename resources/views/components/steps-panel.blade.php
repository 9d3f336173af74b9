@use('MintBuckle\Core\Card\CardStep')
@props(['title', 'steps'])
<details {{ $attributes->class(['card-work', 'panel']) }}>
    <summary>{{ $title }}</summary>
    <ol>
        @foreach ($steps as $step)
            @if ($step instanceof CardStep)
                <li>@says($step->step()) <em>@says($step->check())</em></li>
            @else
                <li>@says($step)</li>
            @endif
        @endforeach
    </ol>
</details>
