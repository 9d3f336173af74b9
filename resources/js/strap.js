/** On a phone the strap is a strip: bring the station one is at into sight. */
export function strap() {
    const show = () => {
        const here = document.querySelector('.strap .here');
        const strip = document.querySelector('.strap');
        if (here && strip.scrollWidth > strip.clientWidth) {
            strip.scrollLeft = here.offsetLeft - strip.clientWidth / 2 + here.offsetWidth / 2;
        }
    };
    show();
    document.body.addEventListener('htmx:afterSettle', show);
}
