@use('App\Recalls\ImportState')
@use('MintBuckle\Core\Rules\Label\RecallListRule')
<x-layout title="A recall list comes in" main="page narrow-page">
    <x-slot:head><x-head title="Recalls" :subtitle="$page->import->source" /></x-slot:head>
    @fragment('import')
        <section id="import" class="card-work" data-state="{{ $page->import->state->value }}"
            @if ($page->import->state->isUnderWay() && !$page->dead)
                hx-get="{{ route('recalls.imports.show', $page->import) }}" hx-trigger="every 700ms" hx-swap="outerHTML"
            @endif>
            <h1>{{ $page->import->state->title() }}</h1>
            <p role="status">
                {{ $page->import->source }}{{
                    $page->import->dated ? ', dated ' . $page->import->dated->format('j M Y') : '' }}{{
                        $page->import->size === null ? '' : ', ' . number_format($page->import->size) . ' campaigns' }}.
            </p>
            @if ($page->dead)
                <p class="problem">Nothing was heard of it for a minute: it was interrupted. Nothing was changed. Cancel it and begin
                    again.</p>
            @endif
            @if ($page->import->state->isUnderWay())
                <p><progress max="{{ $page->import->size ?? '' }}"
                        @if ($page->import->size) value="{{ $page->done }}" @endif></progress> <span
                        data-done="{{ $page->done }}">{{ number_format($page->done) }}{{
                            $page->import->size ? ' of ' . number_format($page->import->size) : '' }}</span>
                </p>
                <form method="post" action="{{ route('recalls.imports.destroy', $page->import) }}">@csrf @method('DELETE')<button
                        class="quiet">Cancel</button></form>
            @endif
            @if ($page->import->problems !== [])
                <p class="problem">Nothing was changed. What is wrong:</p>
                <ul class="problems">
                    @foreach ($page->import->problems as $problem)
                        <li><strong>{{ $problem['path'] }}</strong> {{ $problem['message'] }}</li>
                    @endforeach
                </ul>
            @endif
            @foreach ($page->changes() as [$kind, $count, $ids])
                <details @if ($count > 0 && $count < 12) open @endif data-change="{{ strtolower(strtok($kind, ' ')) }}"
                    data-count="{{ $count }}">
                    <summary><strong>{{ $kind }}: {{ number_format($count) }}</strong></summary>
                    <p>{{ implode(', ', $ids) }}{{ count($ids) < $count ? ' …' : '' }}</p>
                </details>
            @endforeach
            @if ($page->import->changes !== null)
                <p>As they were: {{ number_format($page->import->changes['same']) }}.</p>
            @endif
            @if ($page->import->state === ImportState::Ready)
                @if ($page->older)
                    <p class="problem">This list is older than the one in use.</p>
                @endif
                @if ($page->isStale())
                    <p class="problem">This list is {{ $page->age }} days old; above
                        {{ RecallListRule::FRESH_DAYS }} days every check asks for a fresher one.</p>
                @endif
                <div class="choices">
                    <form method="post" action="{{ route('recalls.imports.update', $page->import) }}">@csrf @method('PUT')<button
                            class="press">Take this list</button></form>
                    <form method="post" action="{{ route('recalls.imports.destroy', $page->import) }}">@csrf @method('DELETE')<button
                            class="quiet">Leave it</button></form>
                </div>
            @endif
            <p><a class="quiet" href="{{ route('recalls') }}">Back to recalls</a></p>
        </section>
    @endfragment
</x-layout>
