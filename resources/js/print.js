// A list goes onto paper as it stands in the middle.
export function followPrint() {
    document.addEventListener('click', (event) => {
        if (event.target.closest('[data-print]')) window.print();
    });
}
