// Follows the job: asks for something newer than what is shown, faster while something is under way. Only pieces that
// changed are sent and replaced; a piece in which a form was begun is left alone, and open panels, scroll and focus stay.
import { answered, silent } from './away.js';

const BUSY_MS = 900;
const CALM_MS = 5000;
// A click follows the finger that came up, a little later.
const CLICK_MS = 50;
let isAsking = false;
// How many times as long as usual to wait: the server says so when many are waiting.
let patience = 1;

// A finger that is down on a piece must find it there when it comes up.
let touched = null;

const isBeingEdited = (part) => part.contains(touched) || [...part.querySelectorAll('form')].some((form) =>
    form.dataset.begun === 'yes'
    || form.contains(document.activeElement) && /INPUT|TEXTAREA|SELECT/.test(document.activeElement.tagName));

const parts = (root) => [...root.querySelectorAll('[data-part]')];

// What a person has opened, scrolled to or is at, by what stays the same in the new piece.
function remember(part) {
    const active = document.activeElement;
    const scrolled = part.querySelector('.side, .room-list');
    return {
        open: [...part.querySelectorAll('details[id][open]')].map((one) => one.id),
        shut: [...part.querySelectorAll('details[id]:not([open])')].map((one) => one.id),
        top: scrolled?.scrollTop ?? 0,
        focus: part.contains(active) ? active.id || active.getAttribute('href') || null : null,
    };
}

function restore(part, kept) {
    for (const id of kept.open) part.querySelector(`#${CSS.escape(id)}`)?.setAttribute('open', '');
    for (const id of kept.shut) part.querySelector(`#${CSS.escape(id)}`)?.removeAttribute('open');
    part.querySelector('.side, .room-list')?.scrollTo(0, kept.top);
    if (kept.focus) part.querySelector(`#${CSS.escape(kept.focus)}, [href="${CSS.escape(kept.focus)}"]`)?.focus({ preventScroll: true });
}

function replace(old, fresh) {
    const kept = remember(old);
    old.replaceWith(fresh);
    restore(fresh, kept);
    window.htmx.process(fresh);
}

// What a person has asked for replaces what they asked it from; what a tick brings leaves begun forms alone.
function take(bench, html, isAskedFor = false) {
    const answer = new DOMParser().parseFromString(html, 'text/html').getElementById('parts');
    if (!answer) return;
    let isWhole = true;
    for (const fresh of parts(answer)) {
        const old = bench.querySelector(`[data-part="${fresh.dataset.part}"]`);
        if (!old || !isAskedFor && isBeingEdited(old)) {
            isWhole = false;
        } else {
            replace(old, document.importNode(fresh, true));
        }
    }
    bench.dataset.live = answer.dataset.live;
    // A piece that was left alone is asked for again later.
    if (isWhole) bench.dataset.liveUrl = answer.dataset.liveUrl;
    document.dispatchEvent(new CustomEvent('kavvel:fresh'));
}

export function takeParts(html) {
    const bench = document.getElementById('bench');
    if (bench) take(bench, html, true);
}

async function ask() {
    const bench = document.getElementById('bench');
    if (!bench || document.hidden || isAsking) return;
    isAsking = true;
    try {
        const seen = parts(bench).map((part) => `${part.dataset.part}:${part.dataset.version}`).join(' ');
        const headers = { 'HX-Request': 'true', 'Kavvel-Parts': seen };
        const response = await fetch(bench.dataset.liveUrl, { headers, credentials: 'same-origin' });
        if (response.status >= 500) {
            silent();
            return;
        }
        answered();
        patience = Number(response.headers.get('Kavvel-Patience')) || 1;
        if (response.status === 401 || response.status === 419) {
            window.location.assign(response.headers.get('HX-Redirect') ?? '/sign-in');
        } else if (response.status === 200) {
            const html = await response.text();
            if (document.getElementById('bench') === bench) take(bench, html);
        }
    } catch {
        silent();
    } finally {
        isAsking = false;
    }
}

export function followLive() {
    document.addEventListener('pointerdown', (event) => {
        touched = event.target;
    });
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => setTimeout(() => {
            touched = null;
        }, CLICK_MS));
    }
    document.addEventListener('input', (event) => {
        const form = event.target.closest('#bench form');
        if (form) form.dataset.begun = 'yes';
    });
    const next = () => {
        const isBusy = document.getElementById('bench')?.dataset.live === 'yes';
        setTimeout(async () => {
            await ask();
            next();
        }, patience * (isBusy ? BUSY_MS : CALM_MS));
    };
    next();
    document.addEventListener('visibilitychange', () => ask());
}
