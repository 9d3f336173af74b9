import { Idiomorph } from 'idiomorph/htmx';

/**
 * What was typed since its form was last sent stays when an answer to something else comes back late: the page is morphed round it.
 * A field counts as the same only while it asks for the same fact.
 */
export function keepTyping() {
    const typed = new Map();
    const key = (field) => `${field.closest('[data-path]')?.dataset.path ?? ''} ${field.id} ${field.name} ${['checkbox', 'radio'].includes(field.type) ? field.value : ''}`;
    const remember = ({ target }) => target.matches?.('input:not([type=hidden]), textarea') && typed.set(target, key(target));
    // Not "change": that comes again when a field is left whose form was sent with Enter.
    document.body.addEventListener('input', remember);
    document.body.addEventListener('htmx:beforeRequest', ({ detail }) => {
        [...(detail.elt.closest('form')?.elements ?? [])].forEach((field) => typed.delete(field));
    });
    document.body.addEventListener('htmx:afterSwap', () => typed.forEach((_, field) => field.isConnected || typed.delete(field)));
    Idiomorph.defaults.callbacks.beforeNodeMorphed = (before, after) => {
        if (typed.has(before) && typed.get(before) !== key(after)) {
            typed.delete(before);
        }
    };
    Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, field) => !((name === 'value' || name === 'checked') && typed.has(field));
}
