import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expectAccessible, JOB, openHands, putHouseBack, signIn, stored } from './bench.js';

test.describe.configure({ mode: 'serial' });
test.beforeAll(putHouseBack);
test.afterAll(putHouseBack);
test.beforeEach(async ({ page }) => signIn(page));

const radio = (page, name) => page.locator('.stage').getByRole('link', { name, exact: true });

/** Reads the radio that is on screen, and waits until it is judged. */
async function read(page, words) {
    await stored(page, () => page.getByRole('button', { name: words, exact: true }).click());
    await expect(page.locator('#move')).toContainText(/asks who hears whom|What the reading says/);
    await expect(page.getByRole('heading', { name: 'What the reading says' })).toBeVisible();
    await expect(page.locator('#move')).not.toContainText('asks who hears whom');
}

test('every radio is read on a lens of its own, and a sleeper tells what it hears when it wakes', async ({ page, context }) => {
    await page.goto(`${JOB}/mesh?lens=zigbee`);
    await read(page, 'Read the mesh');
    await expect(page.locator('#move')).toContainText('devices sleep, and have not said what they hear');
    const asleep = page.locator('#move li', { hasText: 'have not said what they hear' });
    await expect(asleep).toContainText('yard door contact');
    const hands = await openHands(context, 'store-contact');
    await stored(hands, () => hands.getByRole('button', { name: 'Open it' }).click());
    await page.bringToFront();
    await expect(asleep).not.toContainText('yard door contact');
    await expectAccessible(page);

    await radio(page, 'Z-Wave').click();
    await expect(page.locator('#move')).toContainText('Z-Wave devices are in');
    await read(page, 'Read the mesh');
    await radio(page, 'Thread').click();
    await read(page, 'Read the mesh');
    await radio(page, 'Wi-Fi').click();
    await expect(page.locator('#move')).toContainText('One Wi-Fi device is in');
    await read(page, 'Read its links');
    await expect(page.locator('#move')).toContainText('Every device has an accepted path');
    await expectAccessible(page);
});

test('what the plan does not show is found, and a lead lets the forecasts go by the house', async ({ page }) => {
    await page.goto(`${JOB}/mesh?lens=thread`);
    await page.getByRole('link', { name: 'Plan against measured' }).click();
    await expect(page.getByRole('heading', { name: 'Let the forecasts go by this house' })).toBeVisible();
    await expect(page.locator('#move')).toContainText('Look first at: door in pantry wall');
    await expect(page.locator('.hidden-things')).toContainText('Hub – freezer probe');
    await expect(page.locator('.plan')).toContainText('dB worse');
    await page.locator('#every-link summary').click();
    await expect(page.locator('#every-link tbody tr').first()).toBeVisible();
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'Let forecasts go by it' }).click());
    await expect(page.getByRole('heading', { name: 'The forecasts go by this house' })).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    await expectAccessible(page);
});

test('a router that is switched off is seen in the next reading, beside the one before; it goes out and in as a file', async ({
    page, context,
}) => {
    const hands = await openHands(context, 'signal-plug');
    await hands.getByRole('button', { name: 'Switch its supply off' }).click();
    await expect(hands.getByRole('button', { name: 'Give it its supply again' })).toBeVisible();
    await page.bringToFront();
    await page.goto(`${JOB}/mesh?lens=zigbee`);
    await read(page, 'Read again');
    await expect(page.locator('#move')).toContainText('accepted, now lost');
    await expectAccessible(page);
    await page.getByText('As a file').click();
    const [file] = await Promise.all([
        page.waitForEvent('download'), page.getByRole('link', { name: 'Its links as GraphML' }).click(),
    ]);
    const path = await file.path();
    expect(file.suggestedFilename()).toBe('lantern-house-zigbee.graphml');
    expect(await readFile(path, 'utf8')).toContain('<graphml');

    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Give it its supply again' }).click();
    await expect(hands.getByRole('button', { name: 'Switch its supply off' })).toBeVisible();
    await page.bringToFront();
    await read(page, 'Read again');
    await expect(page.locator('#move')).toContainText('lost, now accepted');
    await page.getByText('As a file').click();
    await page.getByLabel('A reading as GraphML').setInputFiles({
        name: 'again.graphml', mimeType: 'application/graphml+xml', buffer: await readFile(path),
    });
    await stored(page, () => page.getByRole('button', { name: 'Take it in' }).click());
    await expect(page.getByRole('status').filter({ hasText: 'The reading is taken in.' })).toBeVisible();
    await expect(page.locator('#move')).toContainText('accepted, now lost');
});

test('two proposals are compared, one is made work, carried out in Hands, and read again beside its promise', async ({ page, context }) => {
    await page.goto(`${JOB}/mesh?lens=zigbee`);
    await read(page, await page.getByRole('button', { name: 'Read again' }).isVisible() ? 'Read again' : 'Read the mesh');
    await page.getByRole('link', { name: 'What if …' }).click();
    await expect(page.getByRole('heading', { name: 'Try it before anybody climbs a ladder' })).toBeVisible();
    await page.getByRole('combobox', { name: /^Add a relay at/ }).selectOption({ label: 'Socket in the pantry' });
    await page.getByRole('button', { name: 'Try it: Add a relay at' }).click();
    await expect(page.locator('.tried')).toContainText('A relay at the socket in the pantry');
    await expect(page.locator('#move')).toContainText('lost, then accepted');
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'Keep it as a proposal' }).click());
    await expect(page.locator('.proposals')).toContainText('A');
    await page.getByRole('combobox', { name: /^Switch off/ }).selectOption({ label: 'Rack plug, signal room' });
    await page.getByRole('button', { name: 'Try it: Switch off' }).click();
    await expect(page.locator('.tried')).toContainText('rack plug');
    await page.getByRole('link', { name: 'Not this: relay:pantry-p1' }).click();
    await expect(page.locator('.tried')).not.toContainText('pantry');
    await stored(page, () => page.getByRole('button', { name: 'Keep it as a proposal' }).click());
    await expect(page.getByRole('button', { name: 'Drop B' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Make B work' })).toHaveCount(0);
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectAccessible(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await page.setViewportSize({ width: 1280, height: 800 });
    await stored(page, () => page.getByRole('button', { name: 'Make A work' }).click());

    await expect(page.getByRole('heading', { name: 'Pair the socket relay plug' })).toBeVisible();
    await stored(page, () => page.getByRole('button', { name: /Open the (join|next) window/ }).click());
    await expect(page.locator('.steps [data-seconds-left]')).toBeVisible();
    const hands = await openHands(context, 'van-relay-1');
    await hands.getByLabel('Plug it in at').selectOption('Pantry, socket 1');
    await hands.getByRole('button', { name: 'Plug it in', exact: true }).first().click();
    await expect(hands.getByRole('heading', { name: 'It is plugged in' })).toBeVisible();
    await hands.getByRole('button', { name: 'Hold 4 s' }).click();
    await page.bringToFront();
    await page.getByRole('button', { name: 'Yes, the socket relay plug' }).click();
    await expect(page.getByRole('heading', { name: 'Is this the socket relay plug?' })).toBeHidden();
    await page.goto(`${JOB}/mesh?lens=zigbee`);
    await read(page, 'Read the mesh again');
    await expect(page.locator('#move')).toContainText('What the proposal had promised');
    await expect(page.locator('#move')).toContainText('Freezer probe');
});

test('the hub is unplugged while it reads, and the reading says so', async ({ page, context }) => {
    await page.goto(`${JOB}/mesh?lens=bluetooth`);
    const hands = await openHands(context, 'towel');
    await page.bringToFront();
    await stored(page, () => page.getByRole('button', { name: 'Read its links' }).click());
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Unplug the hub' }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since \d\d:\d\d/)).toBeVisible();
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Plug it in', exact: true }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since/)).toBeHidden();
    await expect(page.getByRole('heading', { name: 'What the reading says' })).toBeVisible();
});
