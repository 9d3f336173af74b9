/** The − and + beside a number field. Without JavaScript the buttons stay hidden and the field is typed into. */
export function stepper() {
    const show = (root) => root.querySelectorAll('[data-step][hidden]').forEach((button) => button.removeAttribute('hidden'));
    show(document);
    document.body.addEventListener('htmx:afterSettle', () => show(document));
    document.body.addEventListener('click', (event) => {
        const button = event.target.closest('[data-step]');
        if (!button) {
            return;
        }
        const entry = button.closest('[data-stepper]');
        const field = entry.querySelector('input[name="amount"], [data-amount]');
        const now = Number.parseFloat(field.value.replace(',', '.')) || 0;
        const next = Math.max(0, now + Number(button.dataset.step) * Number(entry.dataset.stepper));
        field.value = String(Math.round(next * 1000) / 1000);
        field.dispatchEvent(new Event('input', { bubbles: true }));
        field.dispatchEvent(new Event('change', { bubbles: true }));
    });
}
