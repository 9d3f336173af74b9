@props(['page', 'path' => null, 'phase' => null, 'onward' => false])
{{-- Posts one fact of this check. --}}
<form method="post" action="{{ $page->factsUrl }}" novalidate hx-post="{{ $page->factsUrl }}" {{ $attributes }}>
    @include('components.fact-fields', ['path' => $path, 'phase' => $phase, 'onward' => $onward])
    <fieldset @disabled($page->signed)>{{ $slot }}</fieldset>
</form>
