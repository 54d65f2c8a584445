// Drawing the plan, and putting devices into their rooms: shows what a finger drags, and sends it. What becomes of it the
// core decides; the answer brings the pieces of the page that changed.
import { takeParts } from './live.js';

const NUDGE_M = 0.1;
const FAR_M = 1;
const BEGINS_PX = 6;
// The click that follows a finger that came up from dragging means nothing.
const CLICK_MS = 100;
let drag = null;
let isSending = false;
let dropped = -Infinity;

const form = () => document.getElementById('drag');
const metres = (event, link) => new DOMPoint(event.clientX, event.clientY)
    .matrixTransform(link.closest('svg').getScreenCTM().inverse());
const tip = (text) => {
    const place = document.getElementById('draft-tip');
    if (place) place.textContent = text;
};
const way = (value, plus, minus) => (Math.abs(value) < 0.005 ? '' : `${Math.abs(value).toFixed(2)} m ${value > 0 ? plus : minus}`);

// A wall goes across its line: to the right, or, for a level wall, down.
function acrossWall(link, dx, dy) {
    const [ax, ay, bx, by] = link.dataset.line.split(' ').map(Number);
    const length = Math.hypot(bx - ax, by - ay);
    let [nx, ny] = [-(by - ay) / length, (bx - ax) / length];
    if (Math.abs(nx) > Math.abs(ny) ? nx < 0 : ny < 0) [nx, ny] = [-nx, -ny];
    const far = dx * nx + dy * ny;
    return { by: far, dx: far * nx, dy: far * ny, isLevel: Math.abs(ny) > Math.abs(nx) };
}

function send(link, dx, dy, byHand) {
    const fields = form()?.elements;
    if (!fields || isSending) return;
    const kind = link.dataset.drag;
    for (const name of ['room', 'wall', 'point', 'slot', 'dx', 'dy', 'by', 'x', 'y']) {
        if (fields[name]) fields[name].value = '';
    }
    fields.edit.value = `move-${kind}`;
    fields[kind].value = link.dataset.dragKey;
    fields.by_hand.value = byHand ? '1' : '';
    if (kind === 'room') {
        fields.dx.value = dx.toFixed(3);
        fields.dy.value = dy.toFixed(3);
    } else if (kind === 'wall') {
        fields.by.value = acrossWall(link, dx, dy).by.toFixed(3);
    } else {
        fields.x.value = (Number(link.dataset.x) + dx).toFixed(3);
        fields.y.value = (Number(link.dataset.y) + dy).toFixed(3);
    }
    form().requestSubmit();
}

function begin(event) {
    const link = event.target.closest?.('[data-drag]');
    if (!link || isSending || document.documentElement.hasAttribute('data-placing') || drag) return;
    event.stopPropagation();
    drag = { link, from: metres(event, link), start: event, id: event.pointerId, moved: false, dx: 0, dy: 0 };
}

function follow(event) {
    if (!drag || event.pointerId !== drag.id) return;
    event.stopPropagation();
    if (!drag.moved && Math.hypot(event.clientX - drag.start.clientX, event.clientY - drag.start.clientY) < BEGINS_PX) return;
    drag.moved = true;
    const now = metres(event, drag.link);
    [drag.dx, drag.dy] = [now.x - drag.from.x, now.y - drag.from.y];
    let [dx, dy] = [drag.dx, drag.dy];
    if (drag.link.dataset.drag === 'wall') {
        const across = acrossWall(drag.link, dx, dy);
        [dx, dy] = [across.dx, across.dy];
        tip(across.isLevel ? way(across.by, 'down', 'up') : way(across.by, 'right', 'left'));
    } else {
        tip([way(dx, 'right', 'left'), way(dy, 'down', 'up')].filter(Boolean).join(', '));
    }
    drag.link.classList.add('is-dragged');
    drag.link.setAttribute('transform', `translate(${dx.toFixed(3)} ${dy.toFixed(3)})`);
}

function end(event) {
    if (!drag || event.pointerId !== drag.id) return;
    const { link, dx, dy, moved } = drag;
    drag = null;
    if (!moved) return;
    event.stopPropagation();
    dropped = event.timeStamp;
    send(link, dx, dy, true);
}

function cancel() {
    if (!drag) return;
    drag.link.removeAttribute('transform');
    drag.link.classList.remove('is-dragged');
    drag = null;
    tip('');
}

function nudge(event) {
    const link = document.activeElement?.closest?.('[data-drag]');
    const step = event.shiftKey ? FAR_M : NUDGE_M;
    const ways = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
    if (!link || !ways[event.key]) return;
    event.preventDefault();
    const [dx, dy] = ways[event.key];
    if (link.dataset.drag === 'wall' && Math.abs(acrossWall(link, dx, dy).by) < step / 2) return;
    send(link, dx, dy, false);
}

// The usual measures of what is put into a wall.
function usual(event) {
    const select = event.target.closest?.('[data-usual]');
    if (!select) return;
    const { width, sill, head } = select.selectedOptions[0].dataset;
    const fields = select.form.elements;
    fields.opening_width.value = width;
    fields.sill.value = sill;
    fields.head.value = head;
}

function answered() {
    isSending = false;
    const dragged = document.querySelector('.is-dragged');
    dragged?.removeAttribute('transform');
    dragged?.classList.remove('is-dragged');
    tip('');
}

const isEdit = (element) => element?.matches?.('form[data-plan-edit]');

export function followRooms() {
    document.addEventListener('pointerdown', begin, true);
    document.addEventListener('pointermove', follow, true);
    document.addEventListener('pointerup', end, true);
    document.addEventListener('pointercancel', cancel, true);
    document.addEventListener('click', (event) => {
        if (event.timeStamp - dropped > CLICK_MS) return;
        event.preventDefault();
        event.stopPropagation();
    }, true);
    document.addEventListener('keydown', (event) => (event.key === 'Escape' ? cancel() : nudge(event)));
    document.addEventListener('change', usual);
    document.addEventListener('htmx:configRequest', (event) => {
        if (!isEdit(event.detail.elt)) return;
        isSending = true;
        event.detail.headers['Kavvel-Parts'] = [...document.querySelectorAll('[data-part]')]
            .map((part) => `${part.dataset.part}:${part.dataset.version}`).join(' ');
    });
    document.addEventListener('htmx:beforeSwap', (event) => {
        if (!isEdit(event.detail.requestConfig?.elt)) return;
        answered();
        if (event.detail.xhr.status !== 200) return;
        event.detail.shouldSwap = false;
        const shown = event.detail.xhr.getResponseHeader('HX-Push-Url');
        if (shown) window.history.replaceState({}, '', shown);
        takeParts(event.detail.xhr.responseText);
        // Room after room is typed without a hand on anything else.
        if (event.detail.requestConfig.elt.elements.edit?.value === 'add-room') document.querySelector('[data-first]')?.focus();
    });
    // Nothing came back: what was dragged goes back to where it was.
    document.addEventListener('htmx:sendError', (event) => isEdit(event.detail.elt) && answered());
}
