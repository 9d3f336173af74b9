const LONGEST = 1280;
const QUALITY = 0.8;

/** A picture of label or damage is drawn smaller on this device, which leaves out where it was taken, and only then sent. */
export function photos() {
    const show = () => document.querySelectorAll('[data-photo-form][hidden]').forEach((form) => form.removeAttribute('hidden'));
    show();
    document.body.addEventListener('htmx:afterSettle', show);
    document.body.addEventListener('change', async ({ target }) => {
        if (!target.matches('[data-photo-file]') || !target.files[0]) {
            return;
        }
        const small = await shrink(target.files[0]);
        if (small) {
            const files = new DataTransfer();
            files.items.add(small);
            target.files = files.files;
        }
        target.form.requestSubmit();
    });
}

/** @returns {Promise<File|null>} null where the device cannot read it as a picture: the server says so then */
async function shrink(file) {
    try {
        const picture = await createImageBitmap(file);
        const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
        const canvas = document.createElement('canvas');
        canvas.width = Math.round(picture.width * scale);
        canvas.height = Math.round(picture.height * scale);
        canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
        const blob = await new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
        return blob && new File([blob], 'photo.jpg', { type: 'image/jpeg' });
    } catch {
        return null;
    }
}
