// Makes docs/screenshots anew from the demo data of a running instance: ./kavvel start && ./kavvel demo && node deploy/screenshots.mjs
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const KAVVEL = process.env.BASE_URL ?? 'http://127.0.0.1:8410';
const HANDS = process.env.HANDS_URL ?? 'http://127.0.0.1:8411';
const JOB = `${KAVVEL}/jobs/lantern-house`;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });

const signedIn = async (width, height, theme = 'light') => {
    const context = await browser.newContext({ viewport: { width, height } });
    await context.addCookies([{ name: 'kavvel_theme', value: theme, url: KAVVEL }]);
    const page = await context.newPage();
    await page.goto(`${KAVVEL}/sign-in`);
    await page.getByLabel('E-mail').fill('mara@tarn-thistle.example');
    await page.getByLabel('Password').fill('lantern-house');
    await page.getByRole('button', { name: 'Sign in' }).click();
    return page;
};
const keep = async (page, name) => {
    await page.evaluate(() => document.fonts.ready);
    await page.mouse.move(0, 0);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

const page = await signedIn(1280, 800);
await keep(page, 'jobs');
await page.goto(`${JOB}/survey?storey=ground`);
await keep(page, 'survey');
for (const [name, path] of [
    ['rooms', `${JOB}/survey?lens=rooms&storey=ground&at=wall+ground-w08`],
    ['radio', `${JOB}/survey?lens=radio&storey=ground&at=${encodeURIComponent('zigbee hub:4.0,5.6')}`],
    ['wants', `${KAVVEL}/jobs/calico-court/survey?lens=wants&at=comfort`],
]) {
    await page.goto(path);
    await keep(page, name);
}
await page.goto(`${JOB}/bridge`);
await keep(page, 'bridge');
await page.goto(`${JOB}/pair`);
const phone = await signedIn(390, 844);
await phone.goto(`${JOB}/pair`);
await keep(phone, 'phone-move');
await phone.goto(`${JOB}/pair?storey=ground`);
await phone.locator('.faces').getByRole('button', { name: 'Plan' }).click();
await phone.locator('.plan').waitFor();
await keep(phone, 'phone-plan');

await page.getByRole('button', { name: /Open the (join|next) window/ }).click();
await page.locator('.steps [data-seconds-left]').waitFor();
await page.getByRole('button', { name: 'It blinks' }).waitFor();
await keep(page, 'pair');
const hands = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await hands.goto(`${HANDS}/hands?device=hall-relay`);
await hands.getByRole('button', { name: 'Press 3 times' }).click();
await hands.locator('figure[data-pattern="blink"]').waitFor();
await keep(hands, 'hands');
await page.getByRole('button', { name: 'Yes, the ceiling relay' }).waitFor({ timeout: 20_000 });
await page.waitForFunction(() => !document.querySelector('.big.settling'));
await page.getByRole('button', { name: 'Yes, the ceiling relay' }).click();
await page.getByRole('heading', { name: 'Is this the ceiling relay?' }).waitFor({ state: 'hidden' });
await page.goto(`${JOB}/name?next=hall-relay`);
await keep(page, 'name');
await page.goto(`${JOB}/mesh`);
await page.getByRole('button', { name: /^Read the mesh/ }).click();
await page.getByRole('heading', { name: 'What the reading says' }).waitFor({ timeout: 30_000 });
await page.reload();
await keep(page, 'mesh');
const dark = await signedIn(1280, 800, 'dark');
await dark.goto(`${JOB}/survey?slot=freezer`);
await keep(dark, 'slot-dark');
await page.goto(`${JOB}/hand-over`);
await keep(page, 'hand-over');
for (let snag = 0; snag < 2; snag++) {
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    const text = await page.locator('.side .note strong').textContent();
    await page.getByRole('button', { name: 'The client accepts it' }).click();
    await page.locator('.side .note', { hasText: text }).waitFor({ state: 'detached' });
}
await page.waitForFunction(() => !document.querySelector('.big.settling'));
await page.getByRole('button', { name: 'It is closed' }).click();
await page.waitForFunction(() => !document.querySelector('.big.settling'));
await page.getByRole('button', { name: /^Make pack/ }).click();
await page.getByRole('link', { name: /Open the PDF/ }).first().waitFor({ timeout: 60_000 });
const pdf = await page.request.get(await page.getByRole('link', { name: /Open the PDF/ }).first().getAttribute('href'));
writeFileSync('var/pack.pdf', await pdf.body());
execFileSync('pdftoppm', ['-png', '-r', '80', '-f', '8', '-l', '8', '-singlefile', 'var/pack.pdf', 'docs/screenshots/pack']);
await browser.close();
