// Which face of the bench shows: on a phone Move, Plan or List; on a tablet Plan or List in the middle. And the theme.
const root = document.documentElement;

const show = (face) => {
    root.dataset.face = face;
    root.dataset.stage = face === 'list' ? 'list' : 'plan';
    press();
    document.dispatchEvent(new CustomEvent('kavvel:face'));
};

const press = () => {
    for (const button of document.querySelectorAll('[data-show]')) {
        const stage = button.closest('.stage-bar');
        button.setAttribute('aria-pressed', String(button.dataset.show === (stage ? root.dataset.stage : root.dataset.face)));
    }
};

export function followFaces() {
    root.dataset.face ??= 'move';
    root.dataset.stage ??= 'plan';
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-show], [data-theme-to], [data-close]');
        if (!button) return;
        if (button.dataset.show) show(button.dataset.show);
        if (button.dataset.themeTo) {
            root.dataset.theme = button.dataset.themeTo;
            document.cookie = `kavvel_theme=${button.dataset.themeTo}; path=/; max-age=31536000; samesite=lax`;
        }
        if (button.dataset.close) {
            document.getElementById(button.dataset.close).replaceChildren();
            document.dispatchEvent(new CustomEvent('kavvel:closed'));
        }
    });
    // A slot opened from the plan or the list shows its sheet, which lies on the side of the move.
    document.addEventListener('htmx:beforeRequest', (event) => {
        if (event.target.closest?.('[data-opens-slot]')) show('move');
    });
    document.addEventListener('htmx:afterSettle', press);
    document.addEventListener('kavvel:fresh', press);
    document.addEventListener('kavvel:show', (event) => {
        if (window.matchMedia('(max-width: 860px)').matches || event.detail === 'plan') show(event.detail);
    });
    press();
}
