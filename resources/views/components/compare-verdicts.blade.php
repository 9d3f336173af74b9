@props(['page', 'comparison'])
<div class="two verdicts">
    @foreach ([
        [$page->here(), $comparison->here->verdict, 'here'],
        [$page->there(), $comparison->there->verdict, 'there'],
    ] as [$name, $verdict, $side])
        <div class="card-work verdict-{{ $verdict->value }}" data-{{ $side }}="{{ $verdict->value }}">
            <x-buckle-mark :state="$verdict->value" :size="48" />
            <p><strong>@tell($verdict->title())</strong> <span>@says($name)</span></p>
        </div>
    @endforeach
</div>
