/** On a phone the stations are a strip: bring the station one is at into sight. */
export function stationNav() {
    const show = () => {
        const here = document.querySelector('.station-nav .here');
        const strip = document.querySelector('.station-nav');
        if (here && strip.scrollWidth > strip.clientWidth) {
            strip.scrollLeft = here.offsetLeft - strip.clientWidth / 2 + here.offsetWidth / 2;
        }
    };
    show();
    document.body.addEventListener('htmx:afterSettle', show);
}
