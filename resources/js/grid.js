// A grid of buttons: arrow keys go from cell to cell, and a page that comes in place of another stays where it was scrolled to,
// or shows what is in hand.
const ACROSS = { ArrowLeft: -1, ArrowRight: 1 };
const DOWN = { ArrowUp: -1, ArrowDown: 1 };

const beside = (cell, key) => {
    const row = cell.closest('tr');
    const column = [...row.cells].indexOf(cell.closest('td'));
    if (key in ACROSS) return row.cells[column + ACROSS[key]];
    const rows = [...cell.closest('table').querySelectorAll('tr')].filter((one) => one.querySelector('button'));
    return rows[rows.indexOf(row) + DOWN[key]]?.cells[column];
};

// What is in hand is seen, wherever it was chosen.
const showChosen = () => document.querySelector('[data-keeps-scroll] [aria-current]')?.scrollIntoView({ block: 'nearest' });

export function followGrids() {
    document.addEventListener('keydown', (event) => {
        const cell = event.target.closest?.('[data-grid-keys] td button');
        if (!cell || !(event.key in ACROSS || event.key in DOWN)) return;
        event.preventDefault();
        beside(cell, event.key)?.querySelector('button')?.focus();
    });
    // Who has taken another pen writes nothing with the old one.
    const held = (isHeld) => document.querySelectorAll('[data-grid-keys]').forEach((grid) => { grid.inert = isHeld; });
    document.addEventListener('htmx:beforeRequest', (event) => {
        if (event.target.closest('[data-pen]')) held(true);
    });
    // A tick that ends in between lets nothing go.
    document.addEventListener('htmx:afterRequest', (event) => {
        if (event.detail.elt.closest('[data-pen]')) held(false);
    });
    let kept = {};
    document.addEventListener('htmx:beforeSwap', () => {
        const places = [...document.querySelectorAll('[data-keeps-scroll]')].map((one) => [one.id, [one.scrollLeft, one.scrollTop]]);
        kept = Object.fromEntries(places);
    });
    document.addEventListener('htmx:afterSwap', () => {
        for (const [id, [left, top]] of Object.entries(kept)) document.getElementById(id)?.scrollTo(left, top);
        showChosen();
    });
    showChosen();
}
