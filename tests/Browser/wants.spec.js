import { expect, test } from '@playwright/test';
import { expectAccessible, signIn, stored } from './bench.js';

const LENS = '/jobs/calico-court/survey?lens=wants';
const pen = async (page, name) => {
    await page.getByRole('link', { name }).click();
    await expect(page.getByRole('link', { name })).toHaveAttribute('aria-current', 'true');
};
const cell = (page, room, words) => page.getByRole('button', { name: new RegExp(`^${room}: ${words}`) });

test.beforeEach(async ({ page }) => signIn(page));

test('wants are noted with a touch each, and the fewest devices are planned one by one and all at once', async ({ page }) => {
    await page.goto(LENS);
    await expect(page.getByRole('heading', { name: 'Plan 11 devices' })).toBeVisible();
    await expectAccessible(page);

    await pen(page, /^Comfort/);
    await pen(page, 'Voice platform');
    await expect(cell(page, 'Box room', 'know the temperature')).toHaveAttribute('aria-pressed', 'false');
    await cell(page, 'Box room', 'know the temperature').click();
    await expect(cell(page, 'Box room', 'know the temperature')).toHaveAttribute('aria-pressed', 'true');
    await expect(cell(page, 'Box room', 'know the temperature')).toBeFocused();
    await expect(page.getByRole('heading', { name: 'Plan 12 devices' })).toBeVisible();
    // What is wanted by voice is wanted; the hub was not touched.
    await pen(page, 'Our hub');
    await expect(cell(page, 'Box room', 'know the temperature')).toHaveAttribute('aria-pressed', 'false');
    await expect(cell(page, 'Box room', 'know the temperature')).toHaveText('voice');

    await page.getByRole('button', { name: 'Do without: window 2 blind, living room' }).click();
    await expect(page.getByRole('heading', { name: 'Plan 11 devices' })).toBeVisible();
    await page.getByRole('button', { name: 'Plan it: socket metering plug, kitchen' }).click();
    await expect(page.getByRole('heading', { name: 'Plan 10 devices' })).toBeVisible();
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await page.getByRole('button', { name: 'Plan all 10' }).click();
    await expect(page.getByRole('heading', { name: 'Settle what nothing serves' })).toBeVisible();
    await expectAccessible(page);

    await page.getByRole('link', { name: /Socket metering plug, kitchen/ }).click();
    await page.getByLabel('What is plugged in').fill('freezer');
    await page.getByLabel('Watts, as its plate says').fill('140');
    await page.getByLabel('It must stay on').check();
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByText('Feeds: freezer, 140 W')).toBeVisible();
    await expect(page.getByText('no part of “all off”')).toBeVisible();
    await expectAccessible(page);
});

test('the keyboard goes from cell to cell, and a page that comes anew stays where it was', async ({ page }) => {
    await page.goto('/jobs/lantern-house/survey?lens=wants&at=light');
    const last = cell(page, 'Boat shed', 'switch the light');
    await last.scrollIntoViewIfNeeded();
    await last.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    const colour = cell(page, 'Boat shed', 'change the colour of the light');
    await expect(colour).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(cell(page, 'Signal room', 'change the colour of the light')).toBeFocused();
    await page.keyboard.press('ArrowDown');
    const before = await page.locator('#wants-scroll').evaluate((one) => one.scrollTop);
    expect(before).toBeGreaterThan(0);
    await stored(page, () => page.keyboard.press('Enter'));
    await expect(colour).toHaveAttribute('aria-pressed', 'true');
    await expect(colour).toBeFocused();
    expect(await page.locator('#wants-scroll').evaluate((one) => one.scrollTop)).toBe(before);
    await stored(page, () => page.keyboard.press('Enter'));
    await expect(colour).toHaveAttribute('aria-pressed', 'false');
});

test('two who go through the rooms together see what the other notes, and no touch is lost', async ({ page, browser }) => {
    const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await signIn(other, 'idris');
    for (const one of [page, other]) await one.goto('/jobs/lantern-house/survey?lens=wants&at=comfort');
    await stored(page, () => cell(page, 'Pantry', 'know the humidity').click());
    await stored(other, () => cell(other, 'Hall', 'know the humidity').click());
    for (const one of [page, other]) {
        await expect(cell(one, 'Pantry', 'know the humidity')).toHaveAttribute('aria-pressed', 'true');
        await expect(cell(one, 'Hall', 'know the humidity')).toHaveAttribute('aria-pressed', 'true');
        await expect(one.getByRole('heading', { name: 'Plan 2 devices' })).toBeVisible();
    }
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'Do without: wall climate sensor, pantry' }).click());
    await expect(other.getByRole('heading', { name: 'Plan one device' })).toBeVisible();
    await stored(page, () => cell(page, 'Pantry', 'know the humidity').click());
    await stored(other, () => cell(other, 'Hall', 'know the humidity').click());
    await expect(page.getByRole('heading', { name: 'Every want has its device' })).toBeVisible();
});
