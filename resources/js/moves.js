// Drawings that move stand still where motion is not wanted, in the middle of what they show.
const still = matchMedia('(prefers-reduced-motion: reduce)');

export function holdStill() {
    for (const drawing of document.querySelectorAll('svg[data-moves]')) {
        if (still.matches) {
            drawing.setCurrentTime(Number(drawing.dataset.moves) * 0.4);
            drawing.pauseAnimations();
        } else {
            drawing.unpauseAnimations();
        }
    }
}

still.addEventListener('change', holdStill);
