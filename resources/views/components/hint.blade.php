@use('App\Words\Telling')
@props(['of'])
{{-- Not every fact has one. --}}
@php($hint = Telling::now()->tellIfAny($of->hint()))
@if ($hint !== null)
    <p class="hint">{{ $hint }}</p>
@endif
