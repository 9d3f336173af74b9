const FIELDS = 'input[name="amount"], input:not([type])[name="answer"], input[type="text"], input[type="date"], input[type="password"], textarea';

/** After an answer the next question has the focus: its field where something is typed, else its box, so that keys and readers go on there. */
export function nextFocus() {
    let answered = false;
    document.body.addEventListener('htmx:beforeRequest', ({ detail }) => {
        answered = detail.elt.closest('.next') !== null;
    });
    document.body.addEventListener('htmx:afterSettle', () => {
        const next = document.getElementById('next');
        if (!answered || !next) {
            return;
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
