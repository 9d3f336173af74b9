@props(['answer', 'page'])
@if ($answer->stacks() !== [])
    <table class="card-work">
        <thead>
            <tr>
                <th scope="col">Stack</th>
                <th scope="col">gains</th>
                <th scope="col">squeezed hard to lightly</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($answer->stacks() as [$name, $gain, $least, $most])
                <tr>
                    <th scope="row">{{ $name }}</th>
                    <td>{{ $gain->show() }}</td>
                    <td>{{ $least->show() }} to {{ $most->show() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="hint">Two side by side are no higher than one. What a noodle keeps when squeezed is from memory: measure the angle again.</p>
@endif
<x-drawing.seat-side :drawing="$answer->side()" press="none" />
