// Places by touching the plan: the next touch fills in where it is, and which room that is; a way takes touch after touch.
const ONE = 'Touch its place on the plan';
let form = null;
let isPath = false;

const arm = (on) => {
    document.documentElement.toggleAttribute('data-placing', on);
};

const button = () => form.querySelector('[data-touch-plan], [data-touch-path]');

function at(event, plan) {
    const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(plan.getScreenCTM().inverse());
    const floor = document.elementsFromPoint(event.clientX, event.clientY).find((element) => element.dataset?.room);
    return { x: place.x.toFixed(2), y: place.y.toFixed(2), room: floor?.dataset.room };
}

function fill(event) {
    const plan = event.target.closest?.('.plan');
    if (!form || !plan) return;
    event.preventDefault();
    event.stopPropagation();
    const place = at(event, plan);
    form.dataset.begun = 'yes';
    if (isPath) {
        addToPath(plan, place);
    } else {
        take(plan, place);
    }
}

function take(plan, place) {
    form.elements.x.value = place.x;
    form.elements.y.value = place.y;
    if (place.room && form.elements.room) form.elements.room.value = place.room;
    plan.querySelector('.p-place')?.remove();
    mark(plan, place);
    const room = form.elements.room?.selectedOptions?.[0].textContent;
    button().textContent = place.room
        ? (room ? `In the ${room}: touch again to change it` : 'Touch again to change it')
        : 'Outside every room: touch a room';
    const touched = button();
    done();
    document.dispatchEvent(new CustomEvent('kavvel:show', { detail: 'move' }));
    touched.focus({ preventScroll: false });
}

function addToPath(plan, place) {
    const path = form.elements.path;
    path.value = `${path.value} ${place.x},${place.y}`.trim();
    mark(plan, place);
    button().textContent = `${path.value.split(' ').length} touched: touch here when it is whole`;
}

function mark(plan, place) {
    const cross = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    cross.setAttribute('class', 'p-place');
    cross.setAttribute('d', `M${place.x - 0.35} ${place.y}h0.7M${place.x} ${place.y - 0.35}v0.7`);
    plan.append(cross);
}

function done() {
    form = null;
    isPath = false;
    arm(false);
}

function begin(pressed) {
    form = pressed.closest('form');
    isPath = pressed.hasAttribute('data-touch-path');
    form.dataset.begun = 'yes';
    if (isPath) {
        form.elements.path.value = '';
        document.querySelectorAll('.plan .p-place').forEach((cross) => cross.remove());
    }
    pressed.textContent = isPath ? 'Now touch one place after the other' : 'Now touch the plan';
    arm(true);
    document.dispatchEvent(new CustomEvent('kavvel:show', { detail: 'plan' }));
}

export function followTouch() {
    document.addEventListener('click', (event) => {
        const pressed = event.target.closest('[data-touch-plan], [data-touch-path]');
        if (!pressed) return;
        if (form && isPath && form.contains(pressed)) {
            pressed.textContent = 'Touch it again';
            done();
            document.dispatchEvent(new CustomEvent('kavvel:show', { detail: 'move' }));
        } else {
            begin(pressed);
        }
    });
    document.addEventListener('click', fill, true);
    document.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape' || !form) return;
        button().textContent = isPath ? 'Touch it again' : ONE;
        done();
    });
}
