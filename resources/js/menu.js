// The help panel closes on Escape and on a touch outside of it.
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
}
