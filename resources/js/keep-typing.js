import { Idiomorph } from 'idiomorph/htmx';

/**
 * What was typed or chosen since its form was last sent stays when an answer to something else comes back late: the page is morphed round it.
 * A field counts as the same only while it asks for the same fact.
 */
export function keepTyping() {
    const typed = new Map();
    const key = (field) => `${field.closest('[data-path]')?.dataset.path ?? ''} ${field.id} ${field.name} ${['checkbox', 'radio'].includes(field.type) ? field.value : ''}`;
    const remember = (which) => ({ target }) => target.matches?.(which) && typed.set(target, key(target));
    // Not "change": that comes again when a field is left whose form was sent with Enter. A list to choose from says nothing else at times.
    document.body.addEventListener('input', remember('input:not([type=hidden]), textarea'));
    document.body.addEventListener('change', remember('select'));
    document.body.addEventListener('htmx:beforeRequest', ({ detail }) => {
        [...(detail.elt.closest('form')?.elements ?? [])].forEach((field) => typed.delete(field));
    });
    document.body.addEventListener('htmx:afterSwap', () => typed.forEach((_, field) => field.isConnected || typed.delete(field)));
    Idiomorph.defaults.callbacks.beforeNodeMorphed = (before, after) => {
        if (typed.has(before) && typed.get(before) !== key(after)) {
            typed.delete(before);
        }
    };
    Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, field) =>
        !(['value', 'checked'].includes(name) && typed.has(field)) &&
        !(name === 'selected' && typed.has(field.closest('select'))) &&
        // What somebody has unfolded on a page that is drawn anew by itself stays so.
        !(name === 'open' && field.closest('[hx-trigger^="every"]'));
}
