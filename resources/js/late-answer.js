/**
 * A form that is asked again as it changes may change once more while an answer is on its way: that answer is no longer about what
 * stands there, and the next one is asked for already, so it is not drawn.
 */
export function lateAnswer() {
    const changed = new WeakSet();
    const asksByItself = (form) => form?.matches('form[hx-trigger*="change"]');
    // Before the form hears of it: one that asks at once has asked already when the body hears of it, and its answer would count as late.
    document.body.addEventListener('change', ({ target }) => asksByItself(target.form) && changed.add(target.form), true);
    document.body.addEventListener('htmx:beforeRequest', ({ detail }) => changed.delete(detail.elt));
    document.body.addEventListener('htmx:beforeSwap', ({ detail }) => {
        if (changed.has(detail.requestConfig?.elt)) {
            detail.shouldSwap = false;
        }
    });
}
