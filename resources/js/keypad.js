// Readings are typed with big keys beside the field, for a hand in a glove; the field can be typed into as well.
export function followKeypads() {
    document.addEventListener('click', (event) => {
        const key = event.target.closest('[data-digit]');
        const field = key?.closest('[data-keypad]')?.elements.volts;
        if (!field) return;
        field.value = key.dataset.digit === '' ? '' : field.value + key.dataset.digit;
        field.form.dataset.begun = 'yes';
    });
}
