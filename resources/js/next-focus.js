const FIELDS = 'input[name="amount"], input:not([type])[name="answer"], input[type="text"], input[type="date"], input[type="password"], textarea';

const stationNow = () => document.getElementById('check')?.dataset.station;

/**
 * After an answer the next question has the focus: its field where something is typed, else its box, so that keys and readers go on
 * there. Where it stands at another station, that station is seen from its top.
 */
export function nextFocus() {
    let answeredAt = null;
    document.body.addEventListener('htmx:beforeRequest', ({ detail }) => {
        answeredAt = detail.elt.closest('.next') === null ? null : stationNow();
    });
    document.body.addEventListener('htmx:afterSettle', () => {
        const next = document.getElementById('next');
        if (!answeredAt || !next) {
            return;
        }
        if (answeredAt !== stationNow()) {
            window.scrollTo(0, 0);
        }
        const field = next.querySelector('.felt, .looks') ? null : next.querySelector(FIELDS);
        if (field) {
            field.focus({ preventScroll: true });
            field.select();
        } else if (!next.contains(document.activeElement)) {
            next.focus({ preventScroll: true });
        }
    });
}
