// Pan and zoom of the plan: the view box is kept per storey and tab, so that a swap, a reload and the way back keep it.
const VIEWS = 'kavvel.views';
const kept = new Map(Object.entries(JSON.parse(sessionStorage.getItem(VIEWS) ?? '{}')));
const READABLE_PX_PER_M = 46;

export function followPlan() {
    const plan = document.querySelector('.plan');
    if (!plan || plan.dataset.followed) return;
    plan.dataset.followed = 'yes';
    const whole = plan.getAttribute('viewBox').split(' ').map(Number);
    const key = `${plan.dataset.job}/${plan.dataset.storey}`;
    const set = (box) => {
        plan.setAttribute('viewBox', box.map((n) => n.toFixed(3)).join(' '));
        kept.set(key, box);
        sessionStorage.setItem(VIEWS, JSON.stringify(Object.fromEntries(kept)));
    };
    const box = () => plan.getAttribute('viewBox').split(' ').map(Number);

    // Where the whole storey would be too small to read, start at a readable scale on what the move is about.
    const start = () => {
        const bounds = plan.getBoundingClientRect();
        if (bounds.width === 0) return;
        const scale = Math.min(bounds.width / whole[2], bounds.height / whole[3]);
        if (kept.has(key)) return plan.setAttribute('viewBox', kept.get(key).map((n) => n.toFixed(3)).join(' '));
        if (scale >= READABLE_PX_PER_M * 0.8) return;
        const focus = plan.querySelector('[data-focus]');
        const [cx, cy] = focus ? [Number(focus.dataset.x), Number(focus.dataset.y)] : [whole[0] + whole[2] / 2, whole[1] + whole[3] / 2];
        const width = bounds.width / READABLE_PX_PER_M;
        const height = bounds.height / READABLE_PX_PER_M;
        const clamp = (value, low, size, extent) => (extent >= size
            ? low - (extent - size) / 2
            : Math.min(Math.max(value, low), low + size - extent));
        const x = clamp(cx - width / 2, whole[0], whole[2], width);
        const y = clamp(cy - height / 2, whole[1], whole[3], height);
        plan.setAttribute('viewBox', [x, y, width, height].map((n) => n.toFixed(3)).join(' '));
    };
    start();
    document.addEventListener('kavvel:face', start, { once: true });

    const zoom = (factor, x, y) => {
        const [bx, by, bw, bh] = box();
        const width = Math.min(Math.max(bw * factor, 2), whole[2] * 2.5);
        const ratio = width / bw;
        set([x - (x - bx) * ratio, y - (y - by) * ratio, width, bh * ratio]);
    };
    const toPlan = (event) => {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(plan.getScreenCTM().inverse());
        return [point.x, point.y];
    };
    plan.addEventListener('wheel', (event) => {
        event.preventDefault();
        zoom(event.deltaY > 0 ? 1.15 : 1 / 1.15, ...toPlan(event));
    }, { passive: false });

    const fingers = new Map();
    let moved = 0;
    plan.addEventListener('pointerdown', (event) => {
        fingers.set(event.pointerId, event);
        moved = 0;
    });
    plan.addEventListener('pointermove', (event) => {
        const before = fingers.get(event.pointerId);
        if (!before) return;
        moved += Math.abs(event.clientX - before.clientX) + Math.abs(event.clientY - before.clientY);
        if (moved > 6) {
            plan.classList.add('is-held');
            const [bx, by, bw, bh] = box();
            const scale = plan.getScreenCTM().a;
            if (fingers.size === 1) {
                set([bx - (event.clientX - before.clientX) / scale, by - (event.clientY - before.clientY) / scale, bw, bh]);
            } else {
                const other = [...fingers.values()].find((finger) => finger.pointerId !== event.pointerId);
                const apart = (a, b) => Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY);
                zoom(apart(before, other) / Math.max(1, apart(event, other)), ...toPlan(other));
            }
        }
        fingers.set(event.pointerId, event);
    });
    for (const name of ['pointerup', 'pointercancel', 'pointerleave']) {
        plan.addEventListener(name, (event) => {
            fingers.delete(event.pointerId);
            plan.classList.remove('is-held');
        });
    }
    plan.addEventListener('click', (event) => {
        if (moved > 6) event.preventDefault(), event.stopPropagation();
    }, true);
    document.querySelector('.zoom')?.addEventListener('click', (event) => {
        const way = event.target.closest('[data-zoom]')?.dataset.zoom;
        const [bx, by, bw, bh] = box();
        if (way === 'in') zoom(1 / 1.3, bx + bw / 2, by + bh / 2);
        if (way === 'out') zoom(1.3, bx + bw / 2, by + bh / 2);
        if (way === 'all') set(whole);
    });
}
