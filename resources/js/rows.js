/** One more line of a limit, of cushions, zones or parts: a copy of the last one, emptied and renumbered. Without scripts each form brings a spare line. */
export function addRows() {
    document.querySelectorAll('[data-add-row]').forEach((button) => {
        button.hidden = false;
    });
    document.addEventListener('click', (event) => {
        const button = event.target.closest?.('[data-add-row]');
        if (!button) {
            return;
        }
        const rows = button.closest('[data-rows]').querySelectorAll('[data-row]');
        const copy = rows[rows.length - 1].cloneNode(true);
        copy.querySelectorAll('[name]').forEach((field) => {
            field.name = field.name.replace(/\[\d+\](?=\[\w+\]$)/, `[${rows.length}]`);
            field.removeAttribute('id');
            if (field.type === 'checkbox') {
                field.checked = false;
            } else if (field.matches('input')) {
                field.value = '';
            }
        });
        copy.querySelectorAll('details').forEach((folded) => (folded.open = true));
        rows[rows.length - 1].after(copy);
        copy.querySelector('input').focus();
    });
}
