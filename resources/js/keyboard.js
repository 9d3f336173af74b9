const ANSWERS = { y: 'yes', n: 'no', u: 'unknown' };
const BUTTONS = { t: '[data-phase]:not(.on)', z: '[data-key="z"]', c: '[data-key="c"]' };

/**
 * 1–8 stations, on a bus 1–9, [ ] back and on, y n u answer the next question, m new try, t found or left, z undo, ? shows all. Never
 * while something is typed.
 */
export function keyboard() {
    const dialog = document.querySelector('[data-keys]');
    const showButton = () => dialog && document.querySelectorAll('[data-show-keys]').forEach((button) => button.removeAttribute('hidden'));
    showButton();
    document.body.addEventListener('htmx:afterSettle', showButton);
    document.body.addEventListener('click', (event) => event.target.closest('[data-show-keys]') && dialog.showModal());
    document.addEventListener('keydown', (event) => {
        const typing = event.target instanceof Element && event.target.closest('input:not([type="checkbox"], [type="radio"], [type="range"]), select, textarea');
        if (event.ctrlKey || event.metaKey || event.altKey || typing || dialog?.open) {
            return;
        }
        if (event.key === '?' && dialog) {
            event.preventDefault();
            dialog.showModal();
            return;
        }
        const target = find(event.key);
        if (target) {
            event.preventDefault();
            target instanceof HTMLInputElement ? target.focus() : target.click();
        }
    });
}

function find(key) {
    if (ANSWERS[key]) {
        // A list of looks is no question that a yes or no could answer.
        return document.querySelector(`.next:not(:has(.looks)) button[name="answer"][value="${ANSWERS[key]}"]`);
    }
    if (key === 'm') {
        return document.getElementById('try-amount');
    }
    if (BUTTONS[key]) {
        return document.querySelector(BUTTONS[key]);
    }

    return /^[1-9[\]]$/.test(key) ? document.querySelector(`.check [data-key="${key}"]`) : null;
}
