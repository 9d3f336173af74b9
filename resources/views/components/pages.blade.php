@props(['pages'])
@if ($pages->hasPages())
    <nav class="pages" aria-label="{{ __('common.pages') }}">
        @if ($pages->previousPageUrl() !== null)
            <a class="quiet" href="{{ $pages->previousPageUrl() }}" rel="prev">{{ __('common.page_before') }}</a>
        @endif
        <span>{{ __('common.page_of', ['n' => $pages->currentPage(), 'all' => $pages->lastPage()]) }}</span>
        @if ($pages->nextPageUrl() !== null)
            <a class="quiet" href="{{ $pages->nextPageUrl() }}" rel="next">{{ __('common.page_after') }}</a>
        @endif
    </nav>
@endif
