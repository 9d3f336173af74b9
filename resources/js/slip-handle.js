/** On a phone the slip is a sheet from below: its handle shows all of it, or less. What was chosen outlives the answers. */
export function slipHandle() {
    const show = () => document.querySelectorAll('[data-slip-handle]').forEach((handle) => handle.removeAttribute('hidden'));
    show();
    document.body.addEventListener('htmx:afterSettle', show);
    document.body.addEventListener('click', (event) => event.target.closest('[data-slip-handle]') && document.body.classList.toggle('slip-tall'));
}
