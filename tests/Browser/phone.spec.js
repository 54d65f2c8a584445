import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, signIn } from './bench.js';

test.beforeEach(async ({ page }) => signIn(page));

test('one thing on screen, with the big button in reach of the thumb', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await expect(page.getByRole('heading', { name: /^Pair the/ })).toBeVisible();
    await expect(page.locator('.plan')).toBeHidden();
    const big = await page.locator('.big').boundingBox();
    expect(big.height).toBeGreaterThanOrEqual(56);
    expect(big.y + big.height).toBeLessThanOrEqual(844 - 56);
    expect(big.y).toBeGreaterThan(844 / 2);
    await expectAccessible(page);
});

test('nothing is wider than the screen', async ({ page }) => {
    const stations = ['survey', 'pair', 'name', 'mesh', 'hand-over', 'survey?slot=front-lock'];
    for (const path of ['/jobs', ...stations.map((station) => `${JOB}/${station}`)]) {
        await page.goto(path);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    }
});

test('what can be touched is large enough for a glove', async ({ page }) => {
    const stations = ['survey', 'pair', 'name', 'mesh', 'hand-over', 'hand-over?show=in', 'survey?slot=front-lock'];
    for (const path of ['/jobs', ...stations.map((station) => `${JOB}/${station}`)]) {
        await page.goto(path);
        const small = await page.locator('a, button, summary, select, input:not([type=hidden])').evaluateAll((targets) => targets
            .filter((target) => target.checkVisibility() && !target.closest('svg, .skip, .visually-hidden'))
            .map((target) => ({ words: `${target.textContent.trim()} ${target.className}`, box: target.getBoundingClientRect() }))
            .filter(({ box }) => box.width > 0 && (box.height < 43.5 || box.width < 43.5))
            .map(({ words, box }) => `${words}: ${Math.round(box.width)} × ${Math.round(box.height)}`));
        expect(small, path).toEqual([]);
    }
});

test('the switch shows move, plan and list', async ({ page }) => {
    await page.goto(`${JOB}/pair?storey=ground`);
    const show = (face) => page.locator('.faces').getByRole('button', { name: face });
    await show('Plan').tap();
    await expect(page.locator('.plan')).toBeVisible();
    await expect(page.getByRole('heading', { name: /^Pair the/ })).toBeHidden();
    const size = await page.locator('.p-label').first().evaluate((label) => label.getBoundingClientRect().height);
    expect(size, 'names on the plan can be read').toBeGreaterThan(12);
    await expectAccessible(page);
    await show('List').tap();
    await expect(page.getByRole('link', { name: /Freezer probe/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: /Freezer probe/ }).tap();
    await expect(page.getByRole('heading', { name: 'Freezer probe' })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the move' }).tap();
    await expect(page.getByRole('heading', { name: /^Pair the/ })).toBeVisible();
});

test('one button opens the stations', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await page.getByText('Stations', { exact: true }).tap();
    await page.locator('.across').getByRole('link', { name: /^Mesh/ }).tap();
    await expect(page).toHaveURL(/\/mesh$/);
    await expectAccessible(page);
});

test('a drawer covers the screen and gives it back', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await page.getByRole('link', { name: /^Log/ }).tap();
    const log = page.getByRole('dialog', { name: 'Logbook' });
    await expect(log).toBeVisible();
    expect((await log.boundingBox()).width).toBe(390);
    await log.getByRole('button', { name: 'Close' }).tap();
    await expect(log).toBeHidden();
});
