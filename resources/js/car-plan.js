import { pointIn, under } from './drag.js';

/** On the plan of a car a seat is dragged to another place: what pressing that place's button beside the drawing does. */
export function carPlan() {
    let drag = null;
    document.body.addEventListener('pointerdown', (event) => {
        const seat = event.target.closest('[data-car-plan] [data-ghost="no"]');
        if (!seat) {
            return;
        }
        const svg = seat.ownerSVGElement;
        drag = { seat, svg, from: pointIn(svg, event), home: seat.getAttribute('transform') };
        seat.classList.add('dragged');
        seat.setPointerCapture?.(event.pointerId);
        event.preventDefault();
    });
    document.body.addEventListener('pointermove', (event) => {
        if (drag) {
            const to = pointIn(drag.svg, event);
            drag.seat.setAttribute('transform', `translate(${to.x - drag.from.x} ${to.y - drag.from.y}) ${drag.home}`);
        }
    });
    const drop = (event) => {
        if (!drag) {
            return;
        }
        const { seat, home } = drag;
        drag = null;
        seat.classList.remove('dragged');
        seat.setAttribute('transform', home);
        const place = under('[data-car-plan] [data-place]', event);
        if (event.type === 'pointerup' && place && place.dataset.place !== seat.dataset.at) {
            document.querySelector(`#rider-${seat.dataset.rider} [data-seat-form] button[value="${place.dataset.place}"]`)?.click();
        }
    };
    document.body.addEventListener('pointerup', drop);
    document.body.addEventListener('pointercancel', drop);
}
