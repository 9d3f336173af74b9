/**
 * Pressing a part of a drawing does what pressing the answer of the same name beside it does, which is there for the keyboard too:
 * an answer is given, a tick is set and kept, a field is gone to, a panel is opened.
 */
export function press() {
    document.body.addEventListener('click', (event) => {
        const part = event.target.closest('[data-press]');
        const target = part && (document.getElementById(part.dataset.press)
            ?? document.getElementById(part.dataset.press.replace(/^row-/, 'next-'))
            ?? (part.closest('.drill') ? drillRow(part.dataset.press) : null));
        if (!target) {
            return;
        }
        target.closest('details:not([open])')?.setAttribute('open', '');
        if (target instanceof HTMLDetailsElement) {
            go(target.querySelector('summary'));
        } else if (target instanceof HTMLInputElement && target.type === 'checkbox') {
            target.click();
            (target.closest('.several') ?? target.form).querySelector('.keep').click();
        } else if (target instanceof HTMLInputElement) {
            go(target);
        } else {
            target.click();
        }
    });
}

/** In a drill an answer has no control of its own: its part opens the row that it is an answer of. */
function drillRow(id) {
    for (let parts = id.split('-'); parts.length > 1; parts.pop()) {
        const row = document.getElementById(parts.join('-'));
        if (row) {
            return row;
        }
    }
    return null;
}

function go(target) {
    target.scrollIntoView({ block: 'center' });
    target.focus();
    target.select?.();
}
