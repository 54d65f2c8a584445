// Follows the job: asks for something newer than what is shown, faster while something is under way. A page
// that nobody looks at, or in which a form was begun, is left alone.
import { answered, silent } from './away.js';

const BUSY_MS = 900;
const CALM_MS = 5000;
let isAsking = false;

const isBeingEdited = (bench) => [...bench.querySelectorAll('form')].some((form) =>
    form.contains(document.activeElement) && /INPUT|TEXTAREA|SELECT/.test(document.activeElement.tagName)
    || form.dataset.begun === 'yes');

async function ask() {
    const bench = document.getElementById('bench');
    if (!bench || document.hidden || isAsking) return;
    isAsking = true;
    try {
        const response = await fetch(bench.dataset.liveUrl, { headers: { 'HX-Request': 'true' }, credentials: 'same-origin' });
        answered();
        if (response.status === 401 || response.status === 419) {
            window.location.assign(response.headers.get('HX-Redirect') ?? '/sign-in');
        } else if (response.status === 200 && document.getElementById('bench') === bench && !isBeingEdited(bench)) {
            const html = await response.text();
            if (document.getElementById('bench') === bench && !isBeingEdited(bench)) {
                const side = bench.querySelector('.side')?.scrollTop ?? 0;
                htmx.swap('#bench', html, { swapStyle: 'outerHTML' }, { select: '#bench' });
                document.querySelector('#bench .side')?.scrollTo(0, side);
            }
        }
    } catch {
        silent();
    } finally {
        isAsking = false;
    }
}

export function followLive() {
    document.addEventListener('input', (event) => {
        const form = event.target.closest('#bench form');
        if (form) form.dataset.begun = 'yes';
    });
    const next = () => {
        const isBusy = document.getElementById('bench')?.dataset.live === 'yes';
        setTimeout(async () => {
            await ask();
            next();
        }, isBusy ? BUSY_MS : CALM_MS);
    };
    next();
    document.addEventListener('visibilitychange', () => ask());
}
