@props(['page'])
@if ($page->seenAt() !== null)
    <form method="post" action="{{ route('checks.paper', $page->check->id) }}" class="notice" data-paper>
        @csrf
        <input type="hidden" name="phase" value="{{ $page->phase->value }}">
        <p>{{ __('checks.paper.typing', ['time' => $page->seenAt()]) }}</p>
        <button class="quiet" name="seen_at" value="">{{ __('checks.paper.end') }}</button>
    </form>
@endif
