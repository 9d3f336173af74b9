@props(['page'])
{{-- Needs a tilt sensor or the stand-in; without JavaScript the angle is typed. --}}
<section class="card-work angle-gauge" data-angle-gauge data-field="row-setup-angle-amount" hidden aria-label="Angle gauge">
    <div>
        <strong>Angle gauge</strong> <output data-angle-now aria-live="off">no reading yet</output>
        <p class="hint" data-angle-how>Lay the phone’s back flat against the back of the shell, long side up.</p>
    </div>
    <div class="choices">
        <button type="button" class="quiet" data-angle-sensor>Use this device’s tilt</button>
        <button type="button" class="press" data-angle-keep disabled>Keep this angle</button>
    </div>
    <details>
        <summary>Stand-in gauge, for practice and for desks</summary>
        <label for="simulated-angle">Simulated angle from the vertical</label>
        <input type="range" id="simulated-angle" min="0" max="90" step="0.5" value="40" data-angle-simulated>
    </details>
</section>
