/** On the plan of a car a seat is dragged to another place: what pressing that place's button beside the drawing does. */
export function carPlan() {
    let drag = null;
    const point = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    document.body.addEventListener('pointerdown', (event) => {
        const seat = event.target.closest('[data-car-plan] [data-ghost="no"]');
        if (!seat) {
            return;
        }
        const svg = seat.ownerSVGElement;
        drag = { seat, svg, from: point(svg, event), home: seat.getAttribute('transform') };
        seat.classList.add('dragged');
        seat.setPointerCapture?.(event.pointerId);
        event.preventDefault();
    });
    document.body.addEventListener('pointermove', (event) => {
        if (drag) {
            const to = point(drag.svg, event);
            drag.seat.setAttribute('transform', `translate(${to.x - drag.from.x} ${to.y - drag.from.y}) ${drag.home}`);
        }
    });
    const drop = (event) => {
        if (!drag) {
            return;
        }
        const { seat, svg, home } = drag;
        drag = null;
        seat.classList.remove('dragged');
        seat.setAttribute('transform', home);
        const place = [...svg.querySelectorAll('[data-place]')].find((one) => inside(one.getBoundingClientRect(), event));
        if (event.type === 'pointerup' && place && place.dataset.place !== seat.dataset.at) {
            document.querySelector(`#rider-${seat.dataset.rider} [data-seat-form] button[value="${place.dataset.place}"]`)?.click();
        }
    };
    document.body.addEventListener('pointerup', drop);
    document.body.addEventListener('pointercancel', drop);
}

const inside = (box, { clientX, clientY }) => clientX >= box.left && clientX <= box.right && clientY >= box.top && clientY <= box.bottom;
