import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, putHouseBack, signIn, stored } from './bench.js';

test.describe.configure({ mode: 'serial' });
test.beforeAll(putHouseBack);
test.afterAll(putHouseBack);
test.beforeEach(async ({ page }) => signIn(page));

const CODE = 'MT:Y.K9042C00KA0648G00';
const card = (page) => page.locator('#move');
const big = (page) => page.locator('#big');

/** Touches the one big button, which says these words, once it is ready. */
async function touch(page, words) {
    await expect(big(page)).toHaveText(words);
    await stored(page, () => big(page).click());
}

test('the three ways differ over the same devices, and the page says how', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await expect(card(page)).toContainText('Choose by which paths');
    await expect(page.locator('svg.paths')).toBeVisible();
    await expect(page.locator('.b-lost.is-wanted')).toHaveText('siren');
    await expectAccessible(page);

    await page.getByRole('link', { name: 'Every function' }).click();
    await expect(card(page)).toContainText('Chart room desk socket, Wicket: cloud account; stops with the internet; keeps watts.');
    await expect(page.locator('.bridge-top')).toContainText('31 wants, 30 met, 2 over a cloud');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Fewest boxes' }).click();
    await expect(card(page)).toContainText('Washroom wall towel rail, Wicket: cloud account');
    await page.getByRole('navigation', { name: 'By which paths' }).getByRole('link', { name: 'Local first' }).click();
    await touch(page, 'Take it');
    await expect(card(page)).toContainText('Bring the Export box');
});

test('a second person who chose meanwhile is told, and not overwritten', async ({ page, browser }) => {
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    await other.goto(`${JOB}/bridge?show=fewest-boxes&at=policies`);
    await page.goto(`${JOB}/bridge?show=every-function&at=policies`);
    await touch(page, 'Take it');
    await expect(page.locator('.bridge-top [aria-current]')).toHaveText('Every function');
    await other.bringToFront();
    await stored(other, () => other.getByRole('button', { name: 'Take it' }).click());
    await expect(other.getByText('Somebody chose meanwhile: it is “Every function” now')).toBeVisible();
    await other.close();
    await page.goto(`${JOB}/bridge?show=local-first&at=policies`);
    await touch(page, 'Take it');
});

test('a path is followed hop by hop, and what is lost stands where it falls', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await page.getByRole('link', { name: 'Landing wall siren' }).click();
    await expect(card(page)).toContainText('To Wicket');
    await expect(card(page).locator('.losses .is-wanted')).toContainText('The standard has no word for siren');
    await page.getByRole('link', { name: 'Store yard door lock' }).click();
    await expect(card(page)).toContainText('30 ms beside its own radio');
    await expect(card(page)).toContainText('it goes on');
    await page.goBack();
    await expect(card(page)).toContainText('To Wicket');
    await page.getByRole('link', { name: '← Back to the move' }).click();
    await expect(card(page)).toContainText('Bring the Export box');
});

test('what is missing is bought, and the client is told what will not work', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await touch(page, 'It is there now');
    await expect(card(page)).toContainText('Tell Odile Harrow what will not work');
    await expect(card(page)).toContainText('Landing wall siren, Wicket');
    await touch(page, 'It is said');
    await expect(card(page)).toContainText('Hub to Tansy, Matter bridge');
});

test('a link is made act by act, with a window of its own that is closed again, and grows a rung', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await page.getByRole('link', { name: 'Hub to Tansy, Matter bridge' }).click();
    await expect(page.locator('#move .over')).toContainText('Hub to Tansy, Matter bridge');
    await expect(card(page)).toContainText('What has no name yet shows there under a code');
    await stored(page, () => page.getByRole('button', { name: 'Link all the same' }).click());
    await expect(card(page)).toContainText('The 11 that are shown');
    await expectAccessible(page);
    await touch(page, 'These and no others');
    await touch(page, 'It is on');
    await expect(page.getByLabel('Who signed in')).toHaveValue('Odile Harrow');
    await touch(page, 'Signed in');
    await page.getByLabel('Its code').fill(CODE);
    await touch(page, 'The window is open');
    await expect(page.locator('.share-code svg')).toBeVisible();
    await expect(card(page).locator('[data-seconds-left]')).toHaveText(/1[45]:\d\d left/);
    await expect(page.locator('.line')).toContainText('2 temporary');
    await expectAccessible(page);

    await page.reload();
    await expect(page.locator('.share-code svg')).toBeVisible();
    await touch(page, 'It took the code');
    await expect(page.locator('.line')).toContainText('1 temporary');
    await touch(page, 'Go on');
    await page.getByLabel('How many appeared, of 11').fill('10');
    await touch(page, 'Counted');
    await expect(page.locator('#notice')).toContainText('10 of 11. One is missing');
    await page.getByLabel('How many appeared, of 11').fill('11');
    await touch(page, 'Counted');

    await expect(page.locator('.b-cable.is-linked').first()).toBeAttached();
    await expect(card(page)).toContainText('0 of 11 linked are proved');
    await expect(card(page)).toContainText('Say: “');
    await touch(page, 'It does');
    await expect(card(page)).toContainText('1 of 11 linked are proved');
    await page.goto(`${JOB}/pair?slot=signal-dimmer`);
    await expect(page.locator('.ladder')).toContainText('Tansy');
});

test('a key goes through the store from one box to the other', async ({ page }) => {
    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+hub-link+to+box+export-box`);
    await expect(page.locator('#move .over')).toContainText('Hub to Export box, hub link');
    await touch(page, 'It is on');
    await page.getByLabel('The key, as the box shows it').fill('kv-88-opens');
    await touch(page, 'Keep it');
    await expect(page.locator('body')).not.toContainText('kv-88-opens');
    await stored(page, () => page.getByRole('button', { name: 'Show the key' }).click());
    await expect(page.locator('#secret')).toHaveText('kv-88-opens');
    await page.getByRole('button', { name: 'Close' }).click();
    await touch(page, 'The key is over there');
    await expect(page.locator('#move .over')).not.toContainText('hub link');
});

test('without the internet the table and the plan say what goes on', async ({ page }) => {
    await page.goto(`${JOB}/bridge?lens=outage`);
    const row = (name) => page.getByRole('row', { name: new RegExp(`^${name}`) });
    await expect(row('The internet')).toContainText('stands still');
    await expect(row('The internet')).toContainText('1 of 10 stops');
    await expect(row('The internet')).toContainText('goes on');
    await expect(row('Hub').first()).toContainText('all of 6 stop');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'See it on the plan' }).click();
    await expect(page.locator('.plan')).toContainText('not from Tansy');
    await expectAccessible(page);
});

test('an ecosystem and a box are noted, changed and taken back', async ({ page }) => {
    await page.goto(`${JOB}/bridge?lens=boxes`);
    await page.getByRole('link', { name: 'Note an ecosystem' }).click();
    await page.getByLabel('What the client calls it').fill('Kitchen speaker');
    await expectAccessible(page);
    await touch(page, 'Note it');
    await expect(page.getByRole('heading', { name: 'Kitchen speaker' })).toBeVisible();
    await page.getByText('Change it').click();
    await page.getByLabel('Release that it shows').fill('soon');
    await stored(page, () => page.getByRole('button', { name: 'Save it' }).click());
    await expect(page.getByText('“soon” is no release')).toBeVisible();
    await stored(page, () => page.getByRole('button', { name: 'The client does not have it' }).click());
    await expect(page.getByRole('link', { name: /Kitchen speaker/ })).toHaveCount(0);
});

test('a lead puts a sheet of the catalogue right', async ({ page }) => {
    await page.goto('/catalogue');
    await page.getByRole('link', { name: /Own hub/ }).click();
    await expect(page.getByRole('heading', { name: /Own hub/ })).toBeVisible();
    await page.getByText('Put this entry right').click();
    await expectAccessible(page);
    await page.getByLabel('To link, one act a line').fill('over matter-bridge\ndance: on the table');
    await stored(page, () => page.getByRole('button', { name: 'Save the entry' }).click());
    await expect(page.getByText('is no act')).toBeVisible();
});
