import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expectAccessible, handle, JOB, openHands, putCaseBack, putHouseBack, signIn, stored } from './bench.js';

test.describe.configure({ mode: 'serial' });
test.beforeAll(() => putCaseBack('lamb-lane'));
test.afterAll(putHouseBack);
test.beforeEach(async ({ page }) => signIn(page));

const LANE = '/jobs/lamb-lane';
const HOUSE = '/houses/lamb-lane';
const lane = JSON.parse(readFileSync('database/demo/cases/lamb-lane.json', 'utf8'));
const recipes = Object.fromEntries(lane.profiles.map((profile) => [profile.key, profile.recipe?.join ?? []]));
const side = (page) => page.locator('#move');
const big = (page, name) => page.locator('#big', { hasText: name });

/** A button that has just appeared stays inert for a moment. */
async function press(page, name) {
    await expect(big(page, name)).toBeVisible();
    await stored(page, () => big(page, name).click());
}

/** Everything lies beside the hub, and does what its recipe says. */
async function getReady(request) {
    for (const slot of lane.slots) {
        await handle(request, HOUSE, { do: 'carry', device: slot.key });
        for (const step of recipes[slot.profile]) {
            await handle(request, HOUSE, {
                do: 'gesture', device: slot.key, kind: step.do, times: step.times ?? 1, seconds: step.seconds ?? 0,
            });
        }
    }
    await handle(request, HOUSE, { do: 'advance', device: 'plug', seconds: 15 });
}

/** Listens for one, triggers it as often as it takes, and says yes. */
async function tellApart(page, request, slot, isHeardTwice) {
    await page.goto(`${LANE}/name?lens=who&next=${slot.key}`);
    const listens = side(page).getByText('Only this device, and nothing beside it.');
    if (!await listens.isVisible()) await press(page, 'Listen for it');
    await expect(listens).toBeVisible();
    await handle(request, HOUSE, { do: 'trigger', device: slot.key });
    if (isHeardTwice) {
        await press(page, 'Once more');
        await expect(side(page)).toContainText('Once more, only this device.');
        await handle(request, HOUSE, { do: 'trigger', device: slot.key });
    }
    await press(page, 'Yes, the');
}

test('eleven small devices are let in at once, told apart by listening, and named together', async ({ page, request }) => {
    await page.goto(`${LANE}/name?lens=who`);
    await stored(page, () => page.getByRole('button', { name: 'Let in whatever is ready, Zigbee' }).click());
    await expect(side(page)).toContainText('The Zigbee window is open for whatever is ready');
    await expectAccessible(page);
    await getReady(request);
    await expect(side(page)).toContainText('11 nobody’s');
    await expect(page.getByRole('heading', { name: '3 can only be one each' })).toBeVisible();
    await expectAccessible(page);
    await press(page, 'Match these 3');
    await expect(side(page)).toContainText('3 of 11 in');

    for (const slot of lane.slots.filter((one) => one.profile === 'zb-contact' || one.profile === 'zb-leak')) {
        await tellApart(page, request, slot, false);
    }
    for (const slot of lane.slots.filter((one) => one.profile === 'zb-climate')) await tellApart(page, request, slot, true);
    await expect(side(page)).toContainText('10 of 11 in');

    // The one that joined in part has said what it is, and is matched by hand: it stays a snag.
    await page.goto(`${LANE}/name?lens=who&next=bath-probe`);
    await page.locator('.nobodys summary').click();
    await stored(page, () => page.getByRole('button', { name: 'It is the bath cylinder temperature probe' }).click());
    await expect(side(page)).toContainText('1 in part');
    await expect(page.getByRole('heading', { name: 'Everybody has a place' })).toBeVisible();
    await page.goto(`${LANE}/snags`);
    await expect(page.getByText('joined in part. Missing: temperature')).toBeVisible();

    await page.goto(`${LANE}/name?lens=names`);
    await big(page, 'See names for these 11').click();
    await press(page, 'Rename these 11');
    await expect(page.getByRole('heading', { name: 'Every name is its own' })).toBeVisible();
    await expect(page.locator('#all-names')).toContainText('Kitchen window contact');
    await expectAccessible(page);
});

test('two that are mixed up are found out by listening, and exchanged', async ({ page, request }) => {
    await page.goto(`${LANE}/name?lens=who&slot=kitchen-window`);
    await page.locator('#who summary').click();
    await expectAccessible(page);
    await page.locator('#who select').selectOption('parlour-window');
    await stored(page, () => page.getByRole('button', { name: 'Carry it over' }).click());
    await page.goto(`${LANE}/name?lens=who&next=kitchen-window`);
    await press(page, 'Listen for it');
    await expect(side(page)).toContainText('Only this device');
    await handle(request, HOUSE, { do: 'trigger', device: 'kitchen-window' });
    await expect(side(page)).toContainText('By the plan that was the parlour window contact.');
    await expect(page.locator('.p-heard')).toBeVisible();
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'They are mixed up: exchange the two' }).click());
    await page.goto(`${LANE}/name?lens=who&next=kitchen-window`);
    await expect(side(page)).toContainText('the match is right');
    await press(page, 'It is right');
});

test('one at a time: who listens holds it, and another may take over', async ({ page, browser, request }) => {
    await page.goto(`${LANE}/name?lens=who&next=kitchen-window`);
    await press(page, 'Listen for it');
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const other = await context.newPage();
    await signIn(other, 'idris');
    await other.goto(`${LANE}/name?lens=who&next=bedroom-window`);
    await expect(side(other)).toContainText('Mara Lindqvist listens for the window contact');
    await expectAccessible(other);
    await press(other, 'Listen in their place');
    await expect(side(other)).toContainText('Only this device');
    await handle(request, HOUSE, { do: 'trigger', device: 'bedroom-window' });
    await expect(side(other)).toContainText('the match is right');
    await expect(side(page)).toContainText('Idris Vane listens');
    await press(other, 'It is right');
    await context.close();
});

test('a blink shows which one it is, and one that sleeps says so', async ({ page, context, request }) => {
    const hands = await context.newPage();
    await hands.goto(`${process.env.HANDS_URL ?? 'http://127.0.0.1:8411'}${HOUSE}/hands?device=plug`);
    await page.goto(`${LANE}/name?lens=who&slot=plug`);
    await page.locator('#who summary').click();
    await stored(page, () => page.getByRole('button', { name: 'Let it blink' }).click());
    await expect(side(page)).toContainText('It blinks now.');
    await hands.bringToFront();
    await expect(hands.locator('[data-light]')).toContainText('somebody looks for it');
    await page.bringToFront();
    await handle(request, HOUSE, { do: 'advance', device: 'plug', seconds: 60 });
    await page.goto(`${LANE}/name?lens=who&slot=bedside`);
    await page.locator('#who summary').click();
    await stored(page, () => page.getByRole('button', { name: 'Let it blink' }).click());
    await expect(side(page)).toContainText('It sleeps, and takes no order.');
});

test('nothing is heard while the hub is unplugged, and the listening goes on after', async ({ page, request }) => {
    await page.goto(`${LANE}/name?lens=who&next=parlour-window`);
    await press(page, 'Listen for it');
    await handle(request, HOUSE, { do: 'unplug', device: 'plug' });
    await expect(side(page)).toContainText('Nothing is heard of its hub');
    await handle(request, HOUSE, { do: 'plug-in', device: 'plug' });
    await expect(side(page)).not.toContainText('Nothing is heard of its hub');
    await handle(request, HOUSE, { do: 'trigger', device: 'parlour-window' });
    await expect(side(page)).toContainText('the match is right');
    await press(page, 'It is right');
});

test('a rename over more than forty devices is seen before, done, and taken back', async ({ page }) => {
    await page.goto(`${JOB}/name?lens=names`);
    await page.getByRole('link', { name: 'See all by the pattern' }).click();
    await expect(page.getByRole('heading', { name: '58 names change' })).toBeVisible();
    await expect(page.locator('.becomes')).toHaveCount(58);
    await expect(side(page)).toContainText('10 labels are written to devices');
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectAccessible(page);
    await page.setViewportSize({ width: 1280, height: 800 });
    await press(page, 'Rename these 58');
    await expect(page.getByRole('heading', { name: 'Every name is its own' })).toBeVisible();
    await expect(page.locator('#all-names')).toContainText('Pantry freezer probe');
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Old and new (CSV)' }).click()]);
    expect(readFileSync(await file.path(), 'utf8')).toContain('freezer,,Pantry freezer probe,,pantry_freezer_probe');
    await stored(page, () => page.getByRole('button', { name: /^Take back: all by the pattern/ }).click());
    await expect(page.getByRole('heading', { name: '58 have no name yet' })).toBeVisible();
    await expect(side(page)).toContainText('taken back');
});

test('a dead device is replaced: what stays and what is done again is said, and it is done', async ({ page, context }) => {
    await page.goto(`${JOB}/name?slot=store-contact`);
    await page.locator('#replace summary').click();
    await expect(page.locator('#replace')).toContainText('“Store yard door contact” is written to it');
    await expectAccessible(page);
    await page.locator('#replace select[name=reason]').selectOption('dead');
    await stored(page, () => page.getByRole('button', { name: 'Replace it' }).click());
    await expect(side(page)).toContainText('Its device was replaced');
    await expectAccessible(page);

    await page.goto(`${JOB}/pair?next=store-contact`);
    await press(page, /Open the/);
    const hands = await openHands(context, 'van-contact');
    await hands.getByRole('button', { name: 'Carry it to the hub' }).click();
    await hands.getByRole('button', { name: 'Pull the battery tab' }).click();
    await hands.getByRole('button', { name: 'Press once' }).click();
    await page.bringToFront();
    await press(page, 'Yes, the yard door contact');
    await page.goto(`${JOB}/name?slot=store-contact`);
    await expect(side(page)).toContainText('is written to it, done');
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Open it' }).click();
    await page.bringToFront();
    await expect(side(page)).toContainText('Show again: Hub, done');
    await page.locator('#stays summary').click();
    await expect(page.locator('#stays')).toContainText('it is dead');
    await expectAccessible(page);
});

test('a device is dragged into another room, its name follows, and both are taken back', async ({ page }) => {
    await page.goto(`${JOB}/name?lens=rooms&storey=ground`);
    const plate = page.locator('[data-drag-key="store-contact"] .p-plate');
    const kitchen = page.locator('[data-room="kitchen"]');
    const [from, to] = [await plate.boundingBox(), await kitchen.boundingBox()];
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width * 0.85, to.y + to.height * 0.88, { steps: 8 });
    await expect(page.locator('#draft-tip')).toContainText('m left');
    await stored(page, () => page.mouse.up());
    await expect(page.getByRole('heading', { name: 'Where is the yard door contact?' })).toBeVisible();
    await expect(side(page)).toContainText('Where it is now the pattern calls it “Kitchen yard door contact”');
    await expectAccessible(page);
    await press(page, 'Rename it');
    await expect(side(page)).not.toContainText('the pattern calls it');

    // By keys: the plate has the focus, and goes 10 cm up.
    const link = page.locator('[data-drag-key="store-contact"]');
    const before = Number(await link.getAttribute('data-y'));
    await link.focus();
    await stored(page, () => page.keyboard.press('ArrowUp'));
    await expect(link).not.toHaveAttribute('data-y', String(before));
    await page.goto(`${JOB}/name?lens=rooms&next=store-contact`);
    await page.getByLabel('Its room').selectOption('store');
    await stored(page, () => page.getByRole('button', { name: 'Put it there' }).click());
    await expect(side(page)).toContainText('Store, ground.');
    await stored(page, () => page.getByRole('button', { name: 'Take it back' }).click());
    await expect(side(page)).toContainText('moved the yard door contact');
});
