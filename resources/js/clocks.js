// Time left counts down between two answers of the server; the end itself is the gateway's to say.
let timer = null;

const words = (seconds) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} left`;

export function followClocks() {
    clearInterval(timer);
    const clocks = [...document.querySelectorAll('[data-seconds-left]')];
    if (clocks.length === 0) return;
    const started = Date.now();
    const ends = clocks.map((clock) => Number(clock.dataset.secondsLeft));
    const tick = () => clocks.forEach((clock, at) => {
        const left = Math.max(0, ends[at] - Math.floor((Date.now() - started) / 1000));
        clock.textContent = left > 0 ? words(left) : 'ending';
    });
    timer = setInterval(tick, 500);
    tick();
}
