import htmx from 'htmx.org';
import { scanIn } from './label-scan.js';

/** Another child on the arrival screen: a copy of the last one, emptied and renumbered. */
export function addChild() {
    const button = document.querySelector('[data-add-child]');
    if (!button) {
        return;
    }
    const MOST = 6;
    const children = () => document.querySelectorAll('[data-child]');
    button.removeAttribute('hidden');
    button.addEventListener('click', () => {
        const index = children().length;
        const last = children()[index - 1];
        const copy = last.cloneNode(true);
        copy.querySelectorAll('.problem').forEach((problem) => problem.remove());
        renumber(copy, index);
        last.after(copy);
        copy.querySelector('[data-remarks]').textContent = '';
        htmx.process(copy);
        scanIn(copy.querySelector('[data-label-scan]'));
        copy.querySelector('input').focus();
        button.hidden = children().length >= MOST;
    });
}

function renumber(child, index) {
    child.querySelector('[data-letter]').textContent = String.fromCharCode(65 + index);
    for (const element of [child, ...child.querySelectorAll('[id], [for], [name], [aria-labelledby]')]) {
        for (const name of ['id', 'for', 'name', 'aria-labelledby']) {
            if (element.hasAttribute(name)) {
                element.setAttribute(name, element.getAttribute(name).replace(/\d+/, String(index)));
            }
        }
        if (element.matches('input[type="radio"]')) {
            element.checked = false;
        } else if (element.matches('input, select')) {
            element.value = '';
            element.removeAttribute('aria-invalid');
        }
    }
}
