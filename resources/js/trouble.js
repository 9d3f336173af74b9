import { word } from './words.js';

const SIGNED_OUT = 419;

const ASKED_AGAIN = ['/sign-in', '/change'];

/** An answer that could not be kept says so, in place, until the next one is. */
export function trouble() {
    const show = (text) => {
        hide();
        const notice = document.createElement('p');
        notice.className = 'notice problem trouble';
        notice.setAttribute('role', 'alert');
        notice.textContent = text;
        document.querySelector('main').prepend(notice);
        notice.scrollIntoView({ block: 'nearest' });
    };
    const hide = () => document.querySelector('.trouble')?.remove();
    document.body.addEventListener('htmx:sendError', () => show(word('not_sent')));
    document.body.addEventListener('htmx:responseError', (event) => show(word(event.detail.xhr.status === SIGNED_OUT ? 'signed_out' : 'broken')));
    document.body.addEventListener('htmx:afterSwap', hide);
    // Whoever is no longer signed in is asked who they are: that page is no part of this one.
    document.body.addEventListener('htmx:beforeSwap', ({ detail }) => {
        if (ASKED_AGAIN.includes(new URL(detail.xhr.responseURL || location.href, location.href).pathname)) {
            detail.shouldSwap = false;
            location.reload();
        }
    });
}
