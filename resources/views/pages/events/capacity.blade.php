<div id="capacity" class="stack" aria-live="polite">
    @if ($panel === null)
        <p class="empty">{{ __('events.capacity.nothing') }}</p>
    @else
        <p class="big" data-wait="{{ $panel->meanWait() ?? 'grows' }}">{{ $panel->meanWait() === null
            ? __('events.capacity.grows', ['technicians' => $panel->technicians])
            : __('events.capacity.wait', ['minutes' => $panel->meanWait()]) }}</p>
        @if ($panel->meanWait() !== null)
            <p>{{ __('events.capacity.p90', ['minutes' => $panel->p90()]) }}
                {{ __('events.capacity.played', $panel->between()) }}</p>
        @endif
        <p data-needed="{{ $panel->needed() }}">{{ __('events.capacity.needed', [
            'technicians' => $panel->needed(),
            'planned' => $panel->technicians,
        ]) }}
            {{ __('events.capacity.can', ['seats' => $panel->canBeSeen($minutes), 'expected' => $panel->seats]) }}</p>
        @if ($panel->seniors < $panel->seniorsNeeded())
            <p class="problem" data-seniors>{{ __('events.capacity.seniors', [
                'needed' => $panel->seniorsNeeded(),
                'planned' => $panel->seniors,
            ]) }}</p>
        @endif
        <x-drawing.wait-curve :drawing="$panel->curve" />
        <p class="hint">{{ __('events.capacity.model') }}</p>
    @endif
</div>
