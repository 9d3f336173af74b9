/** On a phone the station's drawing stands small beside its name; pressed it is magnified, so that a finger hits its parts. */
export function enlarge() {
    document.documentElement.classList.add('scripted');
    let station = null;
    const large = (is) => {
        document.body.classList.toggle('drawing-large', is);
        document.querySelectorAll('[data-enlarge]').forEach((button) => button.setAttribute('aria-expanded', String(is)));
    };
    document.body.addEventListener('click', (event) => {
        if (event.target.closest('[data-enlarge]')) {
            large(!document.body.classList.contains('drawing-large'));
            const drawing = document.querySelector('.station > .drawing');
            drawing.scrollLeft = (drawing.scrollWidth - drawing.clientWidth) / 2;
        }
    });
    document.body.addEventListener('htmx:afterSettle', () => {
        const now = document.getElementById('check')?.dataset.station ?? null;
        large(document.body.classList.contains('drawing-large') && (station === null || station === now));
        station = now;
    });
}
