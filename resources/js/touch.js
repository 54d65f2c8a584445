// Places a slot by touching the plan: the next touch fills in where it is and which room that is.
let form = null;

const arm = (on) => {
    document.documentElement.toggleAttribute('data-placing', on);
};

function fill(event) {
    const plan = event.target.closest?.('.plan');
    if (!form || !plan) return;
    event.preventDefault();
    event.stopPropagation();
    const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(plan.getScreenCTM().inverse());
    const floor = document.elementsFromPoint(event.clientX, event.clientY).find((element) => element.dataset?.room);
    form.elements.x.value = place.x.toFixed(2);
    form.elements.y.value = place.y.toFixed(2);
    if (floor) form.elements.room.value = floor.dataset.room;
    form.dataset.begun = 'yes';
    mark(plan, place);
    const button = form.querySelector('[data-touch-plan]');
    button.textContent = floor
        ? `In the ${form.elements.room.selectedOptions[0].textContent}: touch again to change it`
        : 'Outside every room: touch a room';
    arm(false);
    document.dispatchEvent(new CustomEvent('kavvel:show', { detail: 'move' }));
    button.focus({ preventScroll: false });
    form = null;
}

function mark(plan, place) {
    plan.querySelector('.p-place')?.remove();
    const cross = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    cross.setAttribute('class', 'p-place');
    cross.setAttribute('d', `M${place.x - 0.35} ${place.y}h0.7M${place.x} ${place.y - 0.35}v0.7`);
    plan.append(cross);
}

export function followTouch() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-touch-plan]');
        if (!button) return;
        form = button.closest('form');
        form.dataset.begun = 'yes';
        button.textContent = 'Now touch the plan';
        arm(true);
        document.dispatchEvent(new CustomEvent('kavvel:show', { detail: 'plan' }));
    });
    document.addEventListener('click', fill, true);
    document.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape' || !form) return;
        form.querySelector('[data-touch-plan]').textContent = 'Touch its place on the plan';
        form = null;
        arm(false);
    });
}
