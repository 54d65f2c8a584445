import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, openHands, signIn } from './bench.js';

test.beforeEach(async ({ page }) => signIn(page));

const countdown = (page) => page.locator('.steps [data-seconds-left]');

test('what another device says in an open window is offered where it fits', async ({ page, context }) => {
    await page.goto(`${JOB}/pair?next=keeper-valve`);
    await page.getByRole('button', { name: 'Open the join window' }).click();
    await expect(countdown(page)).toBeVisible();
    const hands = await openHands(context, 'keeper-button');
    await hands.getByRole('button', { name: 'Carry it to the hub' }).click();
    await hands.getByRole('button', { name: 'Press 4 times' }).click();
    await page.bringToFront();
    await expect(page.getByRole('heading', { name: 'Is this the bedside button?' })).toBeVisible();
    await expect(page.locator('#big')).toHaveText('Yes, the bedside button');
    await expect(page.getByRole('button', { name: /radiator valve/i })).toBeVisible();
    await expectAccessible(page);
    await page.locator('#big').click();
    await expect(page.getByRole('heading', { name: 'Is this the bedside button?' })).toBeHidden();
});

test('the hub loses its power while a window is open, and the way out is there', async ({ page, context }) => {
    await page.goto(`${JOB}/pair?next=guest-valve`);
    await page.getByRole('button', { name: 'Open the join window' }).click();
    await expect(countdown(page)).toBeVisible();
    const hands = await openHands(context, 'guest-valve');
    await hands.getByRole('button', { name: 'Unplug the hub' }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since \d\d:\d\d/)).toBeVisible();
    await expectAccessible(page);
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Plug it in' }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since/)).toBeHidden();
    await page.getByRole('button', { name: /Close the window|Skip for now/ }).first().click();
    await expect(countdown(page)).toHaveCount(0);
});

test('what is open on one tablet stays open while another person works', async ({ page, browser }) => {
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    await page.goto(`${JOB}/survey?slot=panel`);
    await page.getByText('Change the plan here').click();
    await expect(page.getByLabel('Note')).toBeVisible();
    const followed = page.waitForResponse((response) => response.url().includes('since=') && response.status() === 200);
    await other.goto(`${JOB}/survey?slot=panel`);
    await other.getByRole('button', { name: 'It works by hand' }).click();
    await expect(other.locator('.rung', { hasText: 'By hand' })).toContainText('shown');
    await followed;
    await expect(page.locator('.rung', { hasText: 'By hand' })).toContainText('shown');
    await expect(page.getByLabel('Note')).toBeVisible();
    await other.context().close();
});

test('a slot is placed and moved by touching the plan', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    await page.getByText('Plan a device').click();
    await page.getByRole('button', { name: 'Touch its place on the plan' }).click();
    const floor = await page.locator('.plan [data-room="pantry"]').boundingBox();
    await page.mouse.click(floor.x + floor.width * 0.7, floor.y + floor.height * 0.8);
    await expect(page.getByRole('button', { name: 'In the Pantry: touch again to change it' })).toBeFocused();
    await expect(page.locator('[name=room]')).toHaveValue('pantry');
    expect(Number(await page.getByLabel('x, m').inputValue())).toBeGreaterThan(0);
    await expectAccessible(page);
    await page.goto(`${JOB}/survey?slot=doorbell`);
    await page.getByText('Change the plan here').click();
    const before = await page.getByLabel('x, m').inputValue();
    await page.getByRole('button', { name: 'Touch its place on the plan' }).click();
    const store = await page.locator('.plan [data-room="store"]').boundingBox();
    await page.mouse.click(store.x + store.width * 0.5, store.y + store.height * 0.2);
    await expect(page.getByLabel('x, m')).not.toHaveValue(before);
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();
});

test('a save is confirmed, and settings close on Escape and on a touch outside', async ({ page }) => {
    await page.goto(`${JOB}/survey?slot=doorbell`);
    await page.getByText('Change the plan here').click();
    await page.getByLabel('Note').fill('beside the yard door');
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(page.getByRole('status').filter({ hasText: /^Saved \d\d:\d\d/ })).toBeVisible();
    const settings = page.locator('details.menu');
    const summary = settings.locator('summary');
    await summary.click();
    await page.keyboard.press('Escape');
    await expect(settings).not.toHaveAttribute('open');
    await summary.click();
    await page.locator('.plan').click({ position: { x: 5, y: 5 } });
    await expect(settings).not.toHaveAttribute('open');
});

test('a long list is searched as one types', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=first`);
    await page.locator('.stage-bar').getByRole('button', { name: 'List' }).click();
    const list = page.getByRole('region', { name: 'List of First' });
    const rows = list.locator('li').filter({ visible: true });
    const all = await rows.count();
    await list.getByLabel('Search this storey').fill('bath leak');
    await expect(rows).toHaveCount(1);
    await expect(list.getByRole('heading', { name: 'Landing' })).toBeHidden();
    await list.getByLabel('Search this storey').fill('');
    await expect(rows).toHaveCount(all);
    await page.locator('.stage-bar').getByRole('button', { name: 'Plan' }).click();
});

test('nothing scrolls into emptiness, and long words stay inside their drawer', async ({ page }) => {
    for (const station of ['survey', 'pair', 'name', 'mesh', 'hand-over']) {
        await page.goto(`${JOB}/${station}`);
        const beyond = await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight);
        expect(beyond, station).toBeLessThanOrEqual(0);
    }
    await page.getByRole('link', { name: /^Log/ }).click();
    const log = page.getByRole('dialog', { name: 'Logbook' });
    await log.getByLabel('Note what happened').fill(`${'Donaudampfschifffahrt'.repeat(6)} on the label`);
    await log.getByRole('button', { name: 'Write it down' }).click();
    await expect(log.getByText('on the label')).toBeVisible();
    expect(await log.evaluate((drawer) => drawer.scrollWidth - drawer.clientWidth)).toBeLessThanOrEqual(0);
});

test('going back keeps the view of the plan', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    const box = () => page.locator('.plan').getAttribute('viewBox');
    await page.getByRole('button', { name: 'Nearer' }).click();
    const near = await box();
    await page.locator('.stage-bar').getByRole('button', { name: 'List' }).click();
    await page.getByRole('link', { name: /Freezer probe/ }).click();
    await expect(page.getByRole('heading', { name: 'Freezer probe' })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Freezer probe' })).toBeHidden();
    await page.locator('.stage-bar').getByRole('button', { name: 'Plan' }).click();
    expect(await box()).toBe(near);
});

