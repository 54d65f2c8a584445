// The big button stays inert for half a second after the card under the thumb has changed. While the hub works it
// only tells how things stand: it keeps the focus, and does nothing.
const HALF_A_SECOND = 500;
let last = null;

export function settle() {
    const button = document.querySelector('.big[data-move]');
    const now = button?.dataset.move ?? null;
    if (button && last !== null && now !== last && !button.hasAttribute('aria-disabled')) {
        button.classList.add('settling');
        button.setAttribute('aria-disabled', 'true');
        setTimeout(() => {
            button.classList.remove('settling');
            button.removeAttribute('aria-disabled');
        }, HALF_A_SECOND);
    }
    last = now;
}

document.addEventListener('click', (event) => {
    if (event.target.closest('.big[aria-disabled="true"]')) event.preventDefault();
}, true);
