@props(['page', 'card'])
{{-- One fault to put right: what it is, what to do, and how it is now. --}}
<div class="mend-next finding-{{ $card->finding->severity->value }}" data-mend="{{ $card->subject }}">
    @include('components.finding-words', ['finding' => $card->finding])
    @foreach ($card->facts as $row)
        @if ($page->now->felt($row) !== null)
            @include('components.felt', ['page' => $page, 'felt' => $page->now->felt($row), 'figure' => $row])
            @include('components.figure-entry', ['page' => $page, 'row' => $row])
        @else
            @include('components.asked-row', ['where' => 'next'])
        @endif
    @endforeach
    @if ($page->now->loose !== null)
        @include('components.loose-box', ['page' => $page, 'loose' => $page->now->loose])
    @endif
    <details class="more">
        <summary>{{ __('checks.decline.title') }}</summary>
        @include('components.decline', ['card' => $card, 'page' => $page])
    </details>
</div>
