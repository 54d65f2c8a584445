import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { execFileSync } from 'node:child_process';

const HANDS = process.env.HANDS_URL ?? 'http://127.0.0.1:8411';

export const JOB = '/jobs/lantern-house';

export async function signIn(page, who = 'mara') {
    await page.goto('/sign-in');
    await page.getByLabel('E-mail').fill(`${who}@tarn-thistle.example`);
    await page.getByLabel('Password').fill('lantern-house');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
}

/** The demo as it is at first, for what begins with a house that nobody has worked in. */
export function putHouseBack() {
    execFileSync('./kavvel', ['demo'], { stdio: 'ignore' });
}

/** The demo as it is at first, and one of the houses of docs/cases.md beside it. */
export function putCaseBack(name) {
    execFileSync('./kavvel', ['demo', name], { stdio: 'ignore' });
}

/** One deed of hands in a house that stands in, without its page. */
export async function handle(request, house, deed) {
    await request.post(`${HANDS}${house}/hands`, { form: deed, maxRedirects: 0 });
}

/** One deed of the client on an own phone, at a panel or on the page of a box, without its page. */
export async function phone(page, deed) {
    await page.request.post(`${HANDS}/phone`, { form: deed, maxRedirects: 0 });
}

/** The client adds, in an ecosystem, what the sharing window of a box shows. */
export async function addByCode(page, ecosystem, box) {
    const html = await (await page.request.get(`${HANDS}/phone?at=${box}`)).text();
    const [, code] = html.match(/data-window="([^"]+)"/);
    await phone(page, { act: 'scan', of: ecosystem, code });
}

/** What hands do on site, in a second window. */
export async function openHands(context, device) {
    const hands = await context.newPage();
    await hands.goto(`${HANDS}/hands?device=${device}`);
    return hands;
}

export async function expectAccessible(page) {
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((violation) => `${violation.id}: ${violation.nodes.map((node) => node.target).join(' | ')}`)).toEqual([]);
}

/** The server's answer to one form, so that nothing is checked before it is stored. */
export async function stored(page, act) {
    const answer = page.waitForResponse((response) => response.request().method() === 'POST');
    await act();
    await answer;
}
