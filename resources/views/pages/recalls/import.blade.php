@use('App\Recalls\ImportState')
@use('MintBuckle\Core\Rules\Label\RecallListRule')
<x-layout :title="__('recalls.comes_in')" main="page narrow-page">
    <x-slot:head><x-head :title="__('recalls.title')" :subtitle="$page->import->source" /></x-slot:head>
    @fragment('import')
        <section id="import" class="card-work" data-state="{{ $page->import->state->value }}"
            @if ($page->import->state->isUnderWay() && !$page->dead)
                hx-get="{{ route('recalls.imports.show', $page->import) }}" hx-trigger="every 700ms" hx-swap="outerHTML"
            @endif>
            <h1>{{ __("recalls.states.{$page->import->state->value}") }}</h1>
            <p role="status">
                {{ __('recalls.coming', [
                    'source' => $page->import->source,
                    'dated' => $page->import->dated !== null,
                    'day' => $page->import->dated,
                    'sized' => $page->import->size !== null,
                    'size' => $page->import->size,
                ]) }}
            </p>
            @if ($page->dead)
                <p class="problem">{{ __('recalls.dead') }}</p>
            @endif
            @if ($page->import->state->isUnderWay())
                <p><progress max="{{ $page->import->size ?? '' }}"
                        @if ($page->import->size) value="{{ $page->done }}" @endif></progress> <span
                        data-done="{{ $page->done }}">{{ __('recalls.done', ['done' => $page->done, 'sized' => $page->import->size !==
                            null, 'of' => $page->import->size]) }}</span>
                </p>
                <form method="post" action="{{ route('recalls.imports.destroy', $page->import) }}">@csrf @method('DELETE')<button
                        class="quiet">{{ __('common.cancel') }}</button></form>
            @endif
            @if ($page->import->problems !== [])
                <p class="problem">{{ __('recalls.what_is_wrong') }}</p>
                <ul class="problems">
                    @foreach ($page->import->problems as $problem)
                        <li><strong>{{ $problem['path'] }}</strong> {{ $problem['message'] }}</li>
                    @endforeach
                </ul>
            @endif
            @foreach ($page->changes() as [$kind, $count, $ids])
                <details @if ($count > 0 && $count < 12) open @endif data-change="{{ $kind }}"
                    data-count="{{ $count }}">
                    <summary><strong>{{ __("recalls.changes.{$kind}", ['n' => $count]) }}</strong></summary>
                    <p>{{ implode(', ', $ids) }}{{ count($ids) < $count ? ' …' : '' }}</p>
                </details>
            @endforeach
            @if ($page->import->changes !== null)
                <p>{{ __('recalls.same', ['n' => $page->import->changes['same']]) }}</p>
            @endif
            @if ($page->import->state === ImportState::Ready)
                @if ($page->older)
                    <p class="problem">{{ __('recalls.older') }}</p>
                @endif
                @if ($page->isStale())
                    <p class="problem">{{ __('recalls.stale', ['age' => $page->age, 'most' => RecallListRule::FRESH_DAYS]) }}</p>
                @endif
                <div class="choices">
                    <form method="post" action="{{ route('recalls.imports.update', $page->import) }}">@csrf @method('PUT')<button
                            class="press">{{ __('recalls.take') }}</button></form>
                    <form method="post" action="{{ route('recalls.imports.destroy', $page->import) }}">@csrf @method('DELETE')<button
                            class="quiet">{{ __('common.leave_it') }}</button></form>
                </div>
            @endif
            <p><a class="quiet" href="{{ route('recalls') }}">{{ __('recalls.back') }}</a></p>
        </section>
    @endfragment
</x-layout>
