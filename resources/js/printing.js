/** The print button appears only where it can work, also on a part of a page that is drawn anew. */
export function printing() {
    const show = () => document.querySelectorAll('[data-print]').forEach((button) => button.removeAttribute('hidden'));
    show();
    document.addEventListener('htmx:afterSettle', show);
    document.addEventListener('click', ({ target }) => target.closest('[data-print]') !== null && window.print());
}
