/** Pressing a part of a drawing presses the answer of the same name beside it, which is there for the keyboard too. */
export function press() {
    document.body.addEventListener('click', (event) => {
        const part = event.target.closest('[data-press]');
        if (part) {
            document.getElementById(part.dataset.press)?.click();
        }
    });
}
