// The help panel closes on Escape and on a touch outside of it; a link may open a panel of its page instead of its own page.
export function followMenu() {
    const close = () => {
        for (const menu of document.querySelectorAll('details.menu[open]')) menu.removeAttribute('open');
    };
    document.addEventListener('pointerdown', (event) => {
        if (!event.target.closest('details.menu')) close();
    });
    document.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape') return;
        const isInside = document.activeElement?.closest('details.menu[open]');
        close();
        isInside?.querySelector('summary')?.focus();
    });
    document.addEventListener('click', (event) => {
        const panel = document.getElementById(event.target.closest('[data-opens]')?.dataset.opens);
        if (!panel) return;
        event.preventDefault();
        panel.open = true;
        panel.scrollIntoView({ block: 'start' });
        panel.querySelector('summary').focus({ preventScroll: true });
    });
}
