// Long lists are searched as one types; a group without a hit steps aside.
const folded = (text) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

export function followFilters() {
    document.addEventListener('input', (event) => {
        const field = event.target.closest('[data-filter]');
        if (!field) return;
        const words = folded(field.value).split(/\s+/).filter(Boolean);
        for (const group of field.closest('[data-filtered]').querySelectorAll('[data-group]')) {
            const title = folded(group.querySelector('h2, h3')?.textContent ?? '');
            let hits = 0;
            for (const row of group.querySelectorAll('li')) {
                const text = `${title} ${folded(row.textContent)}`;
                row.hidden = !words.every((word) => text.includes(word));
                hits += row.hidden ? 0 : 1;
            }
            group.hidden = words.length > 0 && hits === 0;
        }
    });
}
