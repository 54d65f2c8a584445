// Deeds go without leaving the page; lights and states follow by themselves.
const words = { joined: 'in', 'in-part': 'in, in part', pairing: 'waits to be found', interviewing: 'being interviewed', out: 'out' };

document.addEventListener('submit', async (event) => {
    const form = event.target;
    const stays = ['gesture', 'trigger'].includes(form.elements.do.value);
    if (!stays) return;
    event.preventDefault();
    await fetch('/hands', { method: 'POST', body: new FormData(form) });
    refresh();
});

async function refresh() {
    const live = await (await fetch('/hands/live')).json();
    document.getElementById('window').textContent = !live.plugged ? 'The gateway has no power'
        : live.window === null ? 'No window open' : `Window open, ${live.window} s left`;
    for (const element of document.querySelectorAll('[data-device]')) {
        const device = live.devices[element.dataset.device];
        if (!device) continue;
        element.setAttribute('class', device.light);
        const phase = element.querySelector('[data-phase]');
        if (phase) phase.textContent = words[device.phase];
        const light = element.querySelector('[data-light]');
        if (light) light.textContent = `light ${device.light}, ${words[device.phase]}${device.on ? ', on' : ''}`;
    }
}

setInterval(() => { if (!document.hidden) refresh().catch(() => {}); }, 700);
refresh();
