@props(['lines'])
@if ($lines !== [])
    <details class="card-work panel" data-trail>
        <summary>{{ __('checks.trail') }}</summary>
        <ol>
            @foreach ($lines as $line)
                <li>@tell($line->what)@if ($line->value !== ''): @tell($line->value)@endif</li>
            @endforeach
        </ol>
    </details>
@endif
