const ANSWERS = { y: 'yes', n: 'no' };

/** 1–8 stations, [ ] back and on, y n answer the next question, m new try, t found or left. Never while something is typed. */
export function keyboard() {
    document.addEventListener('keydown', (event) => {
        const typing = event.target instanceof Element && event.target.closest('input:not([type="checkbox"], [type="radio"]), select, textarea');
        if (event.ctrlKey || event.metaKey || event.altKey || typing) {
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
        return document.querySelector(`.next button[value="${ANSWERS[key]}"]`);
    }
    if (key === 'm') {
        return document.getElementById('try-amount');
    }
    if (key === 't') {
        return document.querySelector('[data-track]:not(.on)');
    }

    return /^[1-8[\]]$/.test(key) ? document.querySelector(`.check [data-key="${key}"]`) : null;
}
