import { pointIn, under } from './drag.js';

/**
 * On the bus from above a rider is pressed and then a place, or dragged there: what choosing both beside the drawing and pressing "Move"
 * does. Whoever is only proposed is moved as well as whoever sits. Buttons that only change the plan change it in place.
 */
export function busPlan() {
    let drag = null;
    document.body.addEventListener('pointerdown', (event) => {
        const rider = event.target.closest('[data-bus-plan] [data-rider]');
        if (!rider || event.button > 0) {
            return;
        }
        drag = { rider, svg: rider.ownerSVGElement, from: pointIn(rider.ownerSVGElement, event), home: rider.getAttribute('transform'), moved: false };
        event.preventDefault();
    });
    document.body.addEventListener('pointermove', (event) => {
        if (!drag) {
            return;
        }
        const to = pointIn(drag.svg, event);
        drag.moved ||= Math.hypot(to.x - drag.from.x, to.y - drag.from.y) > 10;
        if (drag.moved) {
            drag.rider.classList.add('dragged');
            drag.rider.setAttribute('transform', `translate(${to.x - drag.from.x} ${to.y - drag.from.y}) ${drag.home}`);
        }
    });
    document.body.addEventListener('pointerup', (event) => {
        const place = under('[data-bus-plan] [data-place]', event);
        if (drag) {
            const { rider, home, moved } = drag;
            drag = null;
            rider.classList.remove('dragged');
            rider.setAttribute('transform', home);
            const chosen = document.querySelector('[data-bus-plan] .chosen');
            if (moved && place && place.dataset.place !== rider.dataset.at) {
                move(rider.dataset.rider, place.dataset.place);
            } else if (!moved && chosen && chosen.dataset.rider !== rider.dataset.rider) {
                move(chosen.dataset.rider, place?.dataset.place);
            } else if (!moved) {
                choose(rider);
            }
        } else if (place) {
            const chosen = document.querySelector('[data-bus-plan] .chosen');
            chosen && move(chosen.dataset.rider, place.dataset.place);
        }
    });
    document.body.addEventListener('pointercancel', () => {
        drag?.rider.classList.remove('dragged');
        drag?.rider.setAttribute('transform', drag.home);
        drag = null;
    });
}

function choose(rider) {
    const isChosen = rider.classList.contains('chosen');
    document.querySelectorAll('[data-bus-plan] .chosen').forEach((one) => one.classList.remove('chosen'));
    rider.classList.toggle('chosen', !isChosen);
    document.getElementById('move-rider').value = isChosen ? '' : rider.dataset.rider;
}

function move(name, place) {
    if (place) {
        document.getElementById('move-rider').value = name;
        document.getElementById('move-to').value = place;
        document.getElementById('move-now').click();
    }
}
