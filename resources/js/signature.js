/** A signature on the glass: strokes of finger, pen or mouse as an SVG path in a box of 600 by 200. Without scripts a name is typed. */
export function signature() {
    const field = document.querySelector('[data-sign]');
    if (!field) {
        return;
    }
    const pad = field.querySelector('[data-pad]');
    const path = pad.querySelector('path');
    const kept = field.querySelector('input[name="signature"]');
    let stroke = null;
    field.hidden = false;
    const point = (event) => {
        const box = pad.getBoundingClientRect();
        const within = (value, most) => Math.max(0, Math.min(most, Math.round(value)));
        return `${within(((event.clientX - box.left) / box.width) * 600, 600)} ${within(((event.clientY - box.top) / box.height) * 200, 200)}`;
    };
    const show = (whole) => {
        kept.value = whole;
        path.setAttribute('d', whole);
    };
    pad.addEventListener('pointerdown', (event) => {
        pad.setPointerCapture(event.pointerId);
        stroke = { begins: point(event), before: kept.value, lines: '' };
        event.preventDefault();
    });
    pad.addEventListener('pointermove', (event) => {
        if (stroke !== null) {
            stroke.lines += ` L${point(event)}`;
            show(`${stroke.before}${stroke.before === '' ? '' : ' '}M${stroke.begins}${stroke.lines}`);
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        pad.addEventListener(end, () => (stroke = null));
    }
    field.querySelector('[data-wipe]').addEventListener('click', () => show(''));
}
