@props(['page', 'seat'])
<section class="card-work register" aria-labelledby="register-title" data-register>
    <h2 id="register-title">{{ __('checks.register.title') }}</h2>
    <p>{{ __('checks.register.why') }}
        @if (($page->model()->about['register_at'] ?? $page->model()->about['contact'] ?? '') !== '')
            {{ __('checks.register.where', ['where' => $page->model()->about['register_at'] ?? $page->model()->about['contact']]) }}
        @endif
    </p>
    <p>{{ __('checks.register.enter') }} <strong>{{ $seat->maker }} {{ $seat->model }}</strong>@if ($seat->serial !== null)
            · {{ __('checks.register.serial', ['serial' => $seat->serial]) }}
        @endif
        @if ($seat->madeOn !== null)
            · {{ __('checks.register.made', ['made' => $seat->madeOn]) }}
        @endif
    </p>
    <x-fact-form :page="$page" path="seat.registered">
        <legend class="visually-hidden">{{ __('checks.register.title') }}</legend>
        <input type="hidden" name="note" value="{{ __('checks.register.note') }}">
        <button class="press" name="answer" value="yes">{{ __('checks.register.done') }}</button>
    </x-fact-form>
</section>
