// The far view: state and countdown huge, for a tablet that lies at the foot of the ladder. A change of state
// is also heard and felt.
const TONES = { announced: [660], interviewing: [880], offer: [660, 880, 1320], failed: [330, 220], 'in-part': [440, 330] };
const TONE_SECONDS = 0.16;
let last = null;
let audio = null;

function play(frequencies) {
    audio ??= new AudioContext();
    frequencies.forEach((frequency, at) => {
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        const start = audio.currentTime + at * TONE_SECONDS;
        tone.frequency.value = frequency;
        volume.gain.setValueAtTime(0.25, start);
        volume.gain.exponentialRampToValueAtTime(0.001, start + TONE_SECONDS);
        tone.connect(volume).connect(audio.destination);
        tone.start(start);
        tone.stop(start + TONE_SECONDS);
    });
}

export function followFar() {
    const far = document.querySelector('.far');
    if (!far) {
        delete document.documentElement.dataset.far;
        last = null;
        return;
    }
    const state = far.dataset.state;
    const tones = TONES[state.split(' ')[0]];
    if (document.documentElement.dataset.far === 'on' && last !== null && state !== last && tones) {
        play(tones);
        navigator.vibrate?.(tones.map(() => 120));
    }
    last = state;
}

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-far]');
    if (button instanceof HTMLButtonElement) {
        document.documentElement.dataset.far = button.dataset.far;
        document.querySelector(button.dataset.far === 'on' ? '.far .big' : '[data-far="on"].btn')?.focus();
    }
});
