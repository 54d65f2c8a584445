// Single-key shortcuts, each of which also has a place to touch. They can be switched off, and never act while typing.
const isTyping = (element) => /INPUT|TEXTAREA|SELECT/.test(element?.tagName ?? '') || element?.isContentEditable;

export function followKeys() {
    document.addEventListener('keydown', (event) => {
        if (event.key === 'Escape') {
            document.querySelector('[data-close]')?.click();
            return;
        }
        if (document.body.dataset.singleKeys !== 'on' || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
        const target = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
        if (!target) return;
        event.preventDefault();
        if (event.key === 'n') {
            target.focus();
        } else {
            target.click();
        }
    });
    // A drawer takes the focus, and gives it back when it closes.
    let opener = null;
    document.addEventListener('htmx:beforeRequest', (event) => {
        if (event.detail.target?.id === 'drawer' && !document.getElementById('drawer').contains(event.target)) opener = event.target;
    });
    document.addEventListener('htmx:afterSettle', (event) => {
        if (event.target.id !== 'drawer') return;
        (document.querySelector('#drawer [autofocus]') ?? document.querySelector('#drawer [data-close]'))?.focus();
    });
    document.addEventListener('kavvel:closed', () => {
        if (opener?.isConnected) opener.focus();
        opener = null;
    });
}
