@props(['row', 'page'])
{{-- The figure of what can be felt too: for whoever wants one. --}}
<details class="more" data-figure @if ($page->isProblemOf($row)) open @endif>
    <summary>{{ __('checks.figure') }}</summary>
    @include('components.asked-row', ['row' => $row, 'page' => $page, 'where' => 'next'])
</details>
