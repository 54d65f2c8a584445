// A code that is read from a picture or by the camera goes into the field and is stored; what it is, the page says. The
// reader comes only when it is used.
const LOOKS_EVERY_MS = 250;
const LARGEST_SIDES = [1600, 900, 2600];
let looking = null;
let last = null;

const reader = async () => {
    const {
        MultiFormatReader, BarcodeFormat, DecodeHintType, RGBLuminanceSource, BinaryBitmap, HybridBinarizer,
    } = await import('@zxing/library');
    const hints = new Map([
        [DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat.QR_CODE, BarcodeFormat.DATA_MATRIX, BarcodeFormat.CODE_128]],
        [DecodeHintType.TRY_HARDER, true],
    ]);
    return ({ data, width, height }) => {
        const grey = new Uint8ClampedArray(width * height);
        for (let i = 0; i < grey.length; i++) grey[i] = (data[4 * i] + 2 * data[4 * i + 1] + data[4 * i + 2]) >> 2;
        try {
            return new MultiFormatReader().decode(
                new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, width, height))), hints,
            ).getText();
        } catch {
            return null;
        }
    };
};

/** The pixels of a picture or a frame, made smaller where it is larger than is needed. */
function pixels(image, width, height, side) {
    const scale = Math.min(1, side / Math.max(width, height));
    const canvas = new OffscreenCanvas(Math.round(width * scale), Math.round(height * scale));
    const context = canvas.getContext('2d', { willReadFrequently: true });
    context.fillStyle = 'white';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    return context.getImageData(0, 0, canvas.width, canvas.height);
}

const say = (form, words) => { form.querySelector('[data-code-says]').textContent = words; };

function take(form, text) {
    form.elements.code.value = text;
    say(form, 'Read.');
    navigator.vibrate?.(80);
    form.requestSubmit();
}

async function readPicture(input) {
    const form = input.form;
    const [file] = input.files;
    if (!file) return;
    say(form, 'Looking for the code…');
    try {
        const image = await createImageBitmap(file);
        const decode = await reader();
        const text = LARGEST_SIDES.map((side) => () => decode(pixels(image, image.width, image.height, side)))
            .reduce((found, look) => found ?? look(), null);
        if (text === null) say(form, 'There is no code to be seen in it. Go closer, hold it level, without glare; or type the code.');
        else take(form, text);
    } catch {
        say(form, 'That is no picture that can be read. Take another, or type the code.');
    }
    input.value = '';
}

function stop() {
    looking?.stream.getTracks().forEach((track) => track.stop());
    clearTimeout(looking?.timer);
    if (looking) looking.video.hidden = true;
    looking = null;
}

async function look(form) {
    const video = form.querySelector('[data-code-video]');
    try {
        const stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
        looking = { stream, video, last: null, timer: null };
        video.srcObject = stream;
        video.hidden = false;
        await video.play();
    } catch {
        say(form, 'The camera is not allowed here, or another program has it. Take a picture, or type the code.');
        return;
    }
    const decode = await reader();
    const frame = () => {
        if (!looking || !video.isConnected) return stop();
        const form = video.closest('form');
        const text = video.videoWidth === 0 ? null : decode(pixels(video, video.videoWidth, video.videoHeight, LARGEST_SIDES[1]));
        // The same sticker is still before the camera: it was taken already.
        if (text !== null && text !== looking.last && form) {
            looking.last = text;
            take(form, text);
        }
        looking.timer = setTimeout(frame, LOOKS_EVERY_MS);
    };
    say(form, 'Hold the code before the camera.');
    frame();
}

/** The camera shows itself only where the browser gives it to a page. */
export function offerCameras() {
    for (const button of document.querySelectorAll('[data-code-camera]')) button.hidden = !navigator.mediaDevices?.getUserMedia;
    // A page that was swapped under a running camera stops its picture.
    if (looking?.video.isConnected) looking.video.play().catch(stop);
}

export function followCodes() {
    document.addEventListener('change', (event) => {
        if (event.target.matches('[data-code-picture]')) readPicture(event.target);
    });
    document.addEventListener('click', (event) => {
        const camera = event.target.closest('[data-code-camera]');
        if (camera) looking ? stop() : look(camera.form);
        // The refusal of a code offers the one that was meant.
        const meant = event.target.closest('[data-meant]');
        const form = meant && document.getElementById(last)?.form;
        if (form) {
            form.elements.code.value = meant.dataset.meant;
            document.getElementById('message')?.remove();
            form.requestSubmit();
        }
    });
    document.addEventListener('submit', (event) => {
        if (event.target.matches('[data-code-entry]')) last = event.target.elements.code.id;
    }, true);
    addEventListener('pagehide', stop);
}
