import { expect, test } from '@playwright/test';
import { expectAccessible, signIn, stored } from './bench.js';
import { emptyJob, measure } from './rooms.js';

test.beforeEach(async ({ page }) => signIn(page));

test('the board is read, lamps are noted, and a switch is reckoned against lamps', async ({ page }) => {
    await emptyJob(page, 'Teasel Mews');
    for (const room of ['hall 2 x 3', 'kitchen 4 x 3.5']) await measure(page, room);
    await page.getByRole('link', { name: 'Wiring' }).click();
    await expect(page.getByRole('heading', { name: 'Read the board' })).toBeVisible();
    await page.getByLabel('Its label at the board').fill('Kitchen lights');
    await page.getByLabel('Breaker', { exact: true }).fill('B 3');
    await page.getByLabel('Amperes').fill('6');
    await page.getByLabel('Residual-current device').fill('RCD 1');
    await page.getByLabel('Kitchen').check();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByRole('heading', { name: 'Kitchen lights' })).toBeVisible();
    await expect(page.getByText('Not noted yet: lamps.')).toBeVisible();

    await page.getByLabel('How many').fill('6');
    await page.getByLabel('Watts each').fill('5,5');
    await page.getByRole('button', { name: 'Note the lamps' }).click();
    await expect(page.getByText('6 lamps, 33 W')).toBeVisible();
    await expect(page.getByRole('img', { name: /^From 4 lamps on one switch costs no more.*there are 6\.$/ })).toBeVisible();
    await page.getByLabel('Neutral in the box').selectOption('no');
    await page.getByRole('button', { name: 'Reckon with that' }).click();
    await expect(page.getByText('There is no neutral in the box')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Choose: Connected lamps' }).click();
    await expect(page.getByText(/Chosen: Connected lamps, 126, on/)).toBeVisible();

    await page.getByRole('link', { name: 'All circuits' }).click();
    await expect(page.getByRole('heading', { name: 'Look for a circuit' })).toBeVisible();
    await expect(page.getByText('No circuit lights hall.')).toBeVisible();
});

test('a dark door gets a button, a key gets its work, and another door may stay dark', async ({ page }) => {
    await page.goto('/jobs/lantern-house/survey?lens=control');
    await expect(page.getByRole('heading', { name: /^Light the way: / })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Hall to signal room' }).click();
    await expect(page.getByRole('heading', { name: 'Hall to signal room' })).toBeVisible();
    await expectAccessible(page);
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Plan it there' }).click();
    await expect(page.getByText('What is in reach here')).toBeVisible();
    await expect(page.locator('.door[aria-current]')).toHaveText(/over the hub/);

    await page.getByRole('link', { name: 'Hall to washroom' }).click();
    await stored(page, () => page.getByRole('button', { name: 'It may stay dark here' }).click());
    await expect(page.locator('.door[aria-current]')).toHaveText(/may stay dark/);
    await stored(page, () => page.getByRole('button', { name: 'Switch it here after all' }).click());
    await expect(page.locator('.door[aria-current]')).toHaveText(/dark/);

    await page.getByRole('link', { name: /^Door keypad/ }).click();
    await expect(page.getByRole('heading', { name: 'Door keypad' })).toBeVisible();
    await page.getByLabel('Pressed').selectOption('hold');
    await page.locator('.side [name=circuit]').selectOption({ label: 'Chart room lights' });
    await page.getByLabel('Light of').selectOption({ label: 'all of the circuit' });
    await page.getByLabel('Does').selectOption('off');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByText('Hold: Chart room lights, off')).toBeVisible();
    await expectAccessible(page);
});

test('two who plan a button beside the same door at once plan one', async ({ page, browser }) => {
    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(other, 'idris');
    const heading = (one) => one.getByRole('heading', { name: 'Hall to chart room' });
    await page.goto('/jobs/lantern-house/survey?lens=control');
    await page.getByRole('link', { name: 'Hall to chart room' }).click();
    await expect(heading(page)).toBeVisible();
    await other.goto(page.url());
    for (const one of [page, other]) await one.waitForFunction(() => !document.querySelector('.big.settling'));
    const answers = await Promise.all([page, other].map(async (one) => {
        const answer = one.waitForResponse((response) => response.request().method() === 'POST');
        await one.getByRole('button', { name: 'Plan it there' }).click();
        return (await answer).status();
    }));
    expect(answers.sort()).toEqual([200, 422]);
    for (const one of [page, other]) await expect(one.getByRole('button', { name: 'Plan one more' })).toBeVisible();
});

test('points get their cables, and the schedule follows', async ({ page }) => {
    await page.goto('/jobs/lantern-house/survey?lens=cables');
    await expect(page.getByRole('heading', { name: /^\d drums for 14 runs$/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Socket Guest room' }).first().click();
    await page.getByLabel('For what').fill('camera');
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.locator('.register .is-chosen')).toContainText('Camera, guest room');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'All cables' }).click();
    await expect(page.getByRole('heading', { name: /^\d drums for 15 runs$/ })).toBeVisible();
    const table = page.waitForEvent('download');
    await page.getByRole('link', { name: 'The schedule as a table' }).click();
    expect((await table).suggestedFilename()).toBe('lantern-house-cables.csv');
});

test('a point is photographed and checked, and the wall may close', async ({ page }) => {
    await page.goto('/jobs/lantern-house/survey?lens=closings');
    await expect(page.getByRole('heading', { name: 'One point before Tiles, bathroom' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Open 1-BTH-01' }).click();
    await expect(page.getByRole('heading', { name: '1-BTH-01' })).toBeVisible();
    await expectAccessible(page);
    const picture = { name: 'box.png', mimeType: 'image/png', buffer: await page.locator('.side').screenshot() };
    await page.getByLabel('The photograph').setInputFiles(picture);
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Photographed', exact: true }).click();
    await expect(page.getByRole('link', { name: 'See it' })).toBeVisible();
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Checked', exact: true }).click();
    await expect(page.locator('.door[aria-current]')).toHaveText(/ready/);
    await expect(page.getByRole('link', { name: 'Look at Tiles, bathroom' })).toBeVisible();
    await page.getByRole('link', { name: 'All closings' }).click();
    await expect(page.getByRole('heading', { name: 'Tiles, bathroom may close' })).toBeVisible();
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'It is closed' }).click();
    await expect(page.getByRole('heading', { name: /^\d points before Plaster, upper floor$/ })).toBeVisible();
    await page.getByRole('link', { name: 'Tiles, bathroom' }).click();
    await expect(page.getByRole('heading', { name: 'Tiles, bathroom is closed' })).toBeVisible();
    await page.getByRole('button', { name: 'It is open after all' }).click();
    await expect(page.getByRole('heading', { name: 'Tiles, bathroom may close' })).toBeVisible();
    await expectAccessible(page);
});

test('rooms become heating zones, and the cheapest wiring centres are told', async ({ page }) => {
    await page.goto('/jobs/lantern-house/survey?lens=heating');
    await expect(page.getByRole('heading', { name: 'Wiring centres: one for eight and one for four' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Pantry' }).click();
    await page.getByLabel('Heated by').selectOption({ label: 'Radiators' });
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.locator('.door[aria-current]')).toHaveText(/Pantryradiators, 1/);
    await page.getByRole('link', { name: 'All zones' }).click();
    await expect(page.getByText('11 zones on water')).toBeVisible();
    await page.getByText('What things cost here').click();
    await page.getByLabel('Centre for eight').fill('60');
    await page.getByRole('button', { name: 'Save the prices' }).click();
    await expect(page.getByRole('heading', { name: 'Wiring centres: 2 for eight' })).toBeVisible();
    await expectAccessible(page);
});
