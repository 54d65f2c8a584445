// Deeds go without leaving the page; lights and states follow by themselves.
const { base } = document.body.dataset;
const words = {
    joined: 'in', 'in-part': 'in, in part', pairing: 'waits to be found', interviewing: 'being let in', out: 'out', wired: 'on the bus',
};

document.addEventListener('submit', async (event) => {
    const form = event.target;
    const stays = ['gesture', 'trigger', 'remote-key'].includes(form.elements.do.value);
    if (!stays) return;
    event.preventDefault();
    await fetch(`${base}/hands`, { method: 'POST', body: new FormData(form) });
    refresh();
});

function shine(element, sign) {
    element.dataset.pattern = sign.pattern;
    element.dataset.colour = sign.colour;
    for (const light of element.querySelectorAll('circle')) light.style.animationDuration = `${1 / sign.perSecond}s`;
}

async function refresh() {
    const live = await (await fetch(`${base}/hands/live`)).json();
    document.getElementById('window').textContent = !live.plugged ? 'The gateway has no power'
        : live.windows.length === 0 ? 'No window open'
            : live.windows.map((one) => `${one.what} window open, ${one.left} s left`).join(' · ');
    for (const element of document.querySelectorAll('[data-device]')) {
        const device = live.devices[element.dataset.device];
        if (!device) continue;
        shine(element, device.sign);
        const phase = element.querySelector('[data-phase]');
        if (phase) phase.textContent = words[device.phase];
        const light = element.querySelector('[data-light]');
        const stands = device.did ? `did “${device.did}”` : words[device.phase];
        if (light) light.textContent = `${device.sign.words}: ${stands}${device.on ? ', on' : ''}`;
    }
}

setInterval(() => { if (!document.hidden) refresh().catch(() => {}); }, 700);
refresh();
