@props(['page'])
{{-- Needs a tilt sensor or the stand-in; without JavaScript the angle is typed. --}}
<section class="card-work angle-gauge" data-angle-gauge data-field="row-setup-angle-amount" hidden aria-label="{{ __('checks.gauge.title')
    }}">
    <div>
        <strong>{{ __('checks.gauge.title') }}</strong> <output data-angle-now aria-live="off">{{ __('checks.gauge.none') }}</output>
        <p class="hint" data-angle-how>{{ __('checks.gauge.how') }}</p>
    </div>
    <div class="choices">
        <button type="button" class="quiet" data-angle-sensor>{{ __('checks.gauge.sensor') }}</button>
        <button type="button" class="press" data-angle-keep disabled>{{ __('checks.gauge.keep') }}</button>
    </div>
    <details>
        <summary>{{ __('checks.gauge.stand_in') }}</summary>
        <label for="simulated-angle">{{ __('checks.gauge.simulated') }}</label>
        <input type="range" id="simulated-angle" min="0" max="90" step="0.5" value="40" data-angle-simulated>
    </details>
</section>
