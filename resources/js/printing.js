/** The print button appears only where it can work. */
export function printing() {
    const button = document.querySelector('[data-print]');
    button?.removeAttribute('hidden');
    button?.addEventListener('click', () => window.print());
}
