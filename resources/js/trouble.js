const TEXTS = {
    sent: 'Not sent: the network is away. Nothing before it is lost. Press again when it is back.',
    419: 'You were signed out in the meantime. The last answer was not kept: reload, sign in and give it again.',
    other: 'The last answer was not kept: something broke on our side. Everything before it is safe. Press again.',
};

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
    document.body.addEventListener('htmx:sendError', () => show(TEXTS.sent));
    document.body.addEventListener('htmx:responseError', (event) => show(TEXTS[event.detail.xhr.status] ?? TEXTS.other));
    document.body.addEventListener('htmx:afterSwap', hide);
}
