import { word } from './words.js';

/**
 * Reads a bar code or QR code from the camera or a picture, in the browser: nothing leaves the device but the code's text, which is
 * shown before anything is taken. The reader is large and only fetched where it is used.
 */
export async function labelScan() {
    const place = document.querySelector('[data-label-scan]');
    document.querySelectorAll('[data-qr]').forEach(async (holder) => {
        const { BrowserQRCodeSvgWriter } = await import('@zxing/browser');
        holder.append(new BrowserQRCodeSvgWriter().write(holder.dataset.qr, 220, 220));
    });
    if (!place) {
        return;
    }
    place.removeAttribute('hidden');
    const one = (name) => place.querySelector(`[data-scan-${name}]`);
    const say = (text) => (one('status').textContent = text);
    const found = (text) => {
        document.querySelector('[data-scan-code]').value = text;
        document.querySelector('[data-scan-form]').submit();
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
            controls = await (await reader()).decodeFromConstraints({ video: { facingMode: 'environment' } }, one('video'), (result, error, running) => {
                if (result) {
                    running.stop();
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
