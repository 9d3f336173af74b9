@props(['index', 'choices', 'chosen', 'filled', 'problem'])
<x-seat-choices :index="$index" :choices="$choices" :chosen="$chosen" :said="$problem" />
{{-- What the label told stands in its fields, to be compared with what is printed. --}}
@foreach ($filled as $name => $value)
    <input id="f-children-{{ $index }}-{{ $name }}" name="children[{{ $index }}][{{ $name }}]" value="{{ $value }}"
        type="{{ $name === 'serial' ? 'hidden' : 'text' }}" hx-swap-oob="true">
@endforeach
