/** On a phone the findings panel is a sheet from below: its handle shows all of it, or less. What was chosen outlives the answers. */
export function findingsHandle() {
    const show = () => document.querySelectorAll('[data-findings-handle]').forEach((handle) => handle.removeAttribute('hidden'));
    show();
    document.body.addEventListener('htmx:afterSettle', show);
    document.body.addEventListener('click', (event) => event.target.closest('[data-findings-handle]') && document.body.classList.toggle('findings-tall'));
}
