import { word } from './words.js';

/**
 * The angle of the shell's back, from the device laid against it: 0° when it stands upright, 90° when it lies flat. The sensor's
 * beta counts from lying flat, so upright is 90. Desks and tests drive the stand-in instead, and say so.
 */
export function angleGauge() {
    let now = null;
    const all = (css, then) => document.querySelectorAll(css).forEach(then);
    const show = () => {
        all('[data-angle-gauge]', (gauge) => gauge.removeAttribute('hidden'));
        all('[data-angle-now]', (output) => (output.textContent = now === null ? word('no_reading') : word(now.simulated ? 'simulated' : 'reading', { angle: now.angle })));
        all('[data-angle-keep]', (button) => (button.disabled = now === null));
    };
    const read = (angle, simulated) => {
        now = { angle: Math.round(angle * 2) / 2, simulated };
        show();
    };
    const listen = () => window.addEventListener('deviceorientation', (event) => event.beta !== null && read(fromVertical(event.beta), false));

    show();
    document.body.addEventListener('htmx:afterSettle', show);
    document.body.addEventListener('input', (event) => event.target.matches('[data-angle-simulated]') && read(Number(event.target.value), true));
    document.body.addEventListener('click', async (event) => {
        if (event.target.closest('[data-angle-sensor]')) {
            const ask = window.DeviceOrientationEvent?.requestPermission;
            if (!ask || (await ask.call(window.DeviceOrientationEvent).catch(() => 'denied')) === 'granted') {
                listen();
                all('[data-angle-how]', (how) => (how.textContent = word('no_sensor')));
            }
        }
        const keep = event.target.closest('[data-angle-keep]');
        if (keep && now !== null) {
            const field = document.getElementById(keep.closest('[data-angle-gauge]').dataset.field);
            field.closest('details:not([open])')?.setAttribute('open', '');
            field.value = String(now.angle);
            field.form.querySelector('.keep').click();
        }
    });
}

/** @param {number} beta tilt front to back in degrees, as the sensor gives it */
export function fromVertical(beta) {
    return Math.min(90, Math.abs(90 - Math.abs(beta)));
}
