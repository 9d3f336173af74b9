import { word } from './words.js';

/**
 * Reads a bar code or QR code from the camera or a picture, in the browser: nothing leaves the device but the code's text, which is
 * shown before anything is taken. The reader is large and only fetched where it is used.
 */
export function labelScan() {
    document.querySelectorAll('[data-qr]').forEach(async (holder) => {
        const { BrowserQRCodeSvgWriter } = await import('@zxing/browser');
        holder.append(new BrowserQRCodeSvgWriter().write(holder.dataset.qr, 220, 220));
    });
    document.querySelectorAll('[data-label-scan]').forEach(scanIn);
}

/** A form of its own is sent with the code; a field among others, as on arrival, only says that it has changed. */
export function scanIn(place) {
    place.removeAttribute('hidden');
    const one = (name) => place.querySelector(`[data-scan-${name}]`);
    const say = (text) => (one('status').textContent = text);
    const found = (text) => {
        const field = one('code') ?? document.querySelector('[data-scan-form] [data-scan-code]');
        field.value = text;
        say('');
        const form = field.closest('[data-scan-form]');
        form ? form.submit() : field.dispatchEvent(new Event('change', { bubbles: true }));
    };
    const reader = async () => new (await import('@zxing/browser')).BrowserMultiFormatReader();
    let controls = null;
    const stop = () => {
        controls?.stop();
        controls = null;
        one('video').hidden = true;
        one('stop').hidden = true;
        one('start').hidden = false;
    };
    one('stop').addEventListener('click', stop);
    one('start').addEventListener('click', async () => {
        one('start').hidden = true;
        one('stop').hidden = false;
        one('video').hidden = false;
        say(word('looking'));
        try {
            controls = await (await reader()).decodeFromConstraints({ video: { facingMode: 'environment' } }, one('video'), (result) => {
                if (result) {
                    stop();
                    found(result.getText());
                }
            });
        } catch {
            stop();
            say(word('no_camera'));
        }
    });
    one('picture').addEventListener('change', async (event) => {
        const file = event.target.files[0];
        if (!file) {
            return;
        }
        // What is picked here is no answer of the form it may stand in.
        event.stopPropagation();
        say(word('looking_at_picture'));
        const url = URL.createObjectURL(file);
        try {
            found((await (await reader()).decodeFromImageUrl(url)).getText());
        } catch {
            say(word('no_code'));
        } finally {
            URL.revokeObjectURL(url);
        }
    });
}
