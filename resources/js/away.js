// When the server is away the page stays readable, forms keep their values, and a banner says since when
// nothing is saved. Sending again is safe: every form carries its own key.
const banner = () => document.getElementById('banner');
let since = null;

const clock = (date) => date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

export function silent() {
    since ??= new Date();
    const element = banner();
    if (!element) return;
    element.hidden = false;
    element.textContent = `No connection. Nothing is saved since ${clock(since)}. `
            + 'What you typed stays here: send it again when the connection is back.';
}

export function answered() {
    if (since === null) return;
    since = null;
    const element = banner();
    if (element) element.hidden = true;
}

export function followAway() {
    for (const name of ['htmx:sendError', 'htmx:timeout']) {
        document.addEventListener(name, silent);
    }
    document.addEventListener('htmx:afterRequest', (event) => {
        if (event.detail.xhr?.status > 0) answered();
    });
    document.addEventListener('htmx:responseError', (event) => {
        if (event.detail.xhr?.status >= 500) silent();
    });
}
