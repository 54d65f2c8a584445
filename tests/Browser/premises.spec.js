import { expect, test } from '@playwright/test';
import { expectAccessible, signIn, stored } from './bench.js';
import { emptyJob, measure } from './rooms.js';

const HOUSE = '/jobs/lantern-house';

const settled = (page) => page.waitForFunction(() => !document.querySelector('.big.settling'));

test.beforeEach(async ({ page }) => signIn(page));

test('a count that differs is asked about, one of two sources holds, and the wall is told', async ({ page }) => {
    await page.goto(`${HOUSE}/survey?lens=closings`);
    await page.getByRole('listitem').filter({ hasText: 'Speaker: the plan lacks 1' }).getByRole('link', { name: 'Ask' }).click();
    await expect(page.getByRole('heading', { name: 'Ask about it' })).toBeVisible();
    await expect(page.getByLabel('What is asked')).toHaveValue('How many points for speaker are to be there?');
    await expectAccessible(page);
    await page.getByLabel('Who answers').fill('Oda Brandt, designer');
    await page.getByLabel('Before').selectOption({ index: 1 });
    await settled(page);
    await page.getByRole('button', { name: 'Ask it' }).click();
    await expect(page.getByRole('heading', { name: 'Ask Oda Brandt, designer' })).toBeVisible();
    await expect(page.getByText('Two sources disagree. Which of them holds?')).toBeVisible();
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'Plan: 1' }).click());
    await page.goto(`${HOUSE}/survey?lens=closings`);
    await expect(page.getByText('settled: Plan: 1')).toBeVisible();
    await page.getByRole('link', { name: 'See it' }).first().click();
    await page.getByRole('button', { name: 'Ask it again' }).click();
    await expect(page.getByRole('link', { name: /How many points for speaker/ })).toBeVisible();
    const days = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Take the days along (calendar)' }).click();
    expect((await days).suggestedFilename()).toBe('lantern-house.ics');
});

test('two who answer one question: the second sees what the first wrote', async ({ page, browser }) => {
    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await signIn(other, 'idris');
    const at = `${HOUSE}/survey?lens=questions&at=question%20keeper-blind`;
    for (const one of [page, other]) await one.goto(at);
    await expect(page.getByRole('heading', { name: 'Ask Oda Brandt, designer' })).toBeVisible();
    await page.getByRole('button', { name: 'Drawing of 3 November: left' }).click();
    await expect(page.getByRole('link', { name: /On which side of the keeper’s room window.*left/s }).first()).toBeVisible();
    await other.getByLabel('Or another answer').fill('On the right');
    await settled(other);
    await other.getByRole('button', { name: 'Note the answer' }).click();
    await expect(other.getByRole('alert')).toContainText('Somebody else changed this question in the meantime.');
    await expect(other.getByRole('alert')).toContainText('Drawing of 3 November: left');
    await expectAccessible(other);
});

test('what is there already is noted, leaves, and gets its slot', async ({ page }) => {
    await emptyJob(page, 'Sorrel Steps');
    await measure(page, 'kitchen 4 x 3.5');
    await page.getByRole('link', { name: 'Devices', exact: true }).click();
    await page.getByRole('link', { name: 'There already' }).click();
    await expect(page.getByRole('heading', { name: 'Ask what is there already' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Note a device' }).click();
    await page.getByLabel('What it is').fill('wall lamp');
    await page.getByLabel('Kind').selectOption({ label: 'Table lamp, Zigbee' });
    await page.locator('.side [name=holder]').selectOption({ label: 'nobody knows what' });
    await page.getByLabel('What becomes of it').selectOption({ label: 'Move it over' });
    await expectAccessible(page);
    await settled(page);
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByRole('heading', { name: 'Wall lamp' })).toBeVisible();
    await expect(page.getByText('Switch off and on 6 times.')).toBeVisible();
    await expectAccessible(page);
    await settled(page);
    await page.getByRole('button', { name: 'It has left' }).click();
    await expect(page.locator('.door')).toHaveText(/to be planned/);
    await settled(page);
    await page.getByRole('button', { name: 'Put it on the plan' }).click();
    await expect(page.locator('.door')).toHaveText(/free, to be paired as planned/);
    await page.getByRole('link', { name: 'See it on the plan' }).click();
    await expect(page.getByRole('heading', { name: /wall lamp$/i })).toBeVisible();
});

test('what is still held elsewhere says so where it is to be paired', async ({ page }) => {
    await page.goto(`${HOUSE}/pair?next=bunk-valve`);
    await expect(page.getByText('It is still in an app on Odile’s phone.')).toBeVisible();
    await expect(page.locator('#big')).toHaveText('It has left');
    await expectAccessible(page);
    await settled(page);
    await page.locator('#big').click();
    await expect(page.locator('#big')).toHaveText('Open the join window');
    await expect(page.getByRole('heading', { name: 'Pair the radiator valve' })).toBeVisible();
});

test('a window is measured, its blind is held against it, and the sun is drawn', async ({ page }) => {
    await page.goto(`${HOUSE}/survey?lens=measure`);
    await expect(page.getByRole('heading', { name: 'Measure window 1' })).toBeVisible();
    await expect(page.getByRole('img', { name: /^June: sun \d\d:\d\d to \d\d:\d\d/ }).first()).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Measure it' }).click();
    await expect(page.locator('.sight[aria-current]')).toBeInViewport();
    await expectAccessible(page);
    await page.getByLabel('Reveal, mm deep').fill('70');
    await settled(page);
    await page.getByRole('button', { name: 'Note the measures' }).click();
    await expect(page.getByText('Window blind is planned there: it fits.')).toBeVisible();
    await expect(page.locator('.sight[aria-current]')).toHaveText(/Window blind fits/);
    await page.getByRole('link', { name: 'All windows and doors' }).click();
    await page.getByText('How the plan lies').click();
    await page.getByLabel('Its upper edge looks to').fill('104');
    await page.getByRole('button', { name: 'Turn it' }).click();
    await expect(page.getByText('The upper edge of the plan looks to 104°.')).toBeVisible();
    await page.getByRole('link', { name: /^Door 194|^Door .*fits/ }).first().click();
    await expect(page.getByText('Door lock is planned there: it fits.')).toBeVisible();
    await expectAccessible(page);
});
