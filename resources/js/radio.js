// The radio lens: the margin under the finger, a touch that asks what stands in the way, and a hub that is dragged to be
// tried. What comes of it the page says; nothing is changed by dragging.
const BEGINS_PX = 6;
const HUB = '.p-hub, .p-hub-text';
const TRIAL = '.p-trial, .p-trial-text';
let drag = null;

const plan = () => document.querySelector('.plan[data-grid]');
const metres = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(plan().getScreenCTM().inverse());

function tip() {
    let place = document.getElementById('radio-tip');
    if (!place) {
        place = document.createElement('p');
        place.id = 'radio-tip';
        place.className = 'draft-tip';
        plan().parentElement.append(place);
    }
    return place;
}

function read({ x, y }) {
    const { x: left, y: top, step, columns, margins } = JSON.parse(plan().dataset.grid);
    const column = Math.floor((x - left) / step);
    const row = Math.floor((y - top) / step);
    const margin = column < 0 || column >= columns ? undefined : margins[row * columns + column];
    if (margin === undefined) return '';
    const words = JSON.parse(plan().dataset.radioWords);
    const word = Object.keys(words).find((one) => words[one] === null || margin >= words[one]);
    return `${String(margin).replace('-', '−')} dB · ${word}`;
}

function open(more) {
    const address = plan().dataset.radio;
    const at = document.querySelector('.side [aria-label="Radio"] [aria-current]')?.href.match(/at=([^&]*)/)?.[1] ?? '';
    const url = address.replace('%40', `${at}${encodeURIComponent(` ${more}`)}`);
    // A link like any other: with its address, and the way back.
    const link = document.createElement('a');
    link.href = url;
    document.getElementById('bench').append(link);
    window.htmx.process(link);
    link.click();
}

const at = ({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`;

function begin(event) {
    const hub = event.target.closest?.(`:is(${HUB}, ${TRIAL})`);
    if (!hub || !plan()?.contains(hub)) return;
    event.stopPropagation();
    const parts = plan().querySelectorAll(hub.matches(TRIAL) ? TRIAL : HUB);
    drag = { from: metres(event), start: event, moved: false, parts };
}

function follow(event) {
    if (!plan() || !event.target.closest) return;
    if (!drag) {
        const isOver = event.target.closest('.plan[data-grid]');
        if (isOver || document.getElementById('radio-tip')) tip().textContent = isOver ? read(metres(event)) : '';
        return;
    }
    event.stopPropagation();
    if (!drag.moved && Math.hypot(event.clientX - drag.start.clientX, event.clientY - drag.start.clientY) < BEGINS_PX) return;
    drag.moved = true;
    const now = metres(event);
    for (const part of drag.parts) {
        part.classList.add('is-dragged');
        part.setAttribute('transform', `translate(${now.x - drag.from.x} ${now.y - drag.from.y})`);
    }
}

function end(event) {
    if (!drag) return;
    const { moved } = drag;
    drag = null;
    if (!moved) return;
    event.stopPropagation();
    open(`hub:${at(metres(event))}`);
}

// A touch on the floor asks; plates, hub and walls keep what they do.
function ask(event) {
    const floor = event.target.closest?.('.plan[data-grid] [data-room]');
    if (!floor || document.documentElement.hasAttribute('data-placing')) return;
    open(`touch:${at(metres(event))}`);
}

export function followRadio() {
    document.addEventListener('pointerdown', begin, true);
    document.addEventListener('pointermove', follow, true);
    document.addEventListener('pointerup', end, true);
    document.addEventListener('click', ask);
}
