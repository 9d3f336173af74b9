@props(['answer', 'page'])
@if ($answer->stacks() !== [])
    <table class="card-work">
        <thead>
            <tr>
                <th scope="col">{{ __('calculators.wedge.stack') }}</th>
                <th scope="col">{{ __('calculators.wedge.gains') }}</th>
                <th scope="col">{{ __('calculators.wedge.squeezed') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($answer->stacks() as [$name, $gain, $least, $most])
                <tr>
                    <th scope="row">@tell($name)</th>
                    <td>@tell($gain)</td>
                    <td>{{ __('calculators.wedge.spread', ['least' => $least, 'most' => $most]) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="hint">{{ __('calculators.wedge.memory') }}</p>
@endif
<x-drawing.seat-side :drawing="$answer->side()" press="none" />
