import { expect, test } from '@playwright/test';
import { expectAccessible, signIn, stored } from './bench.js';

const HOUSE = '/jobs/lantern-house';
const KEEPER = `${HOUSE}/fit?next=keeper-dimmer`;
const PIXEL = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64',
);

const heading = (page, name) => expect(page.locator('#move').getByRole('heading', { level: 2, name })).toBeVisible();

/** The big button of one step, once the card has settled; the next step is on the card when this is done. */
async function big(page, next) {
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.locator('#big').click());
    await heading(page, next);
}

/** How many are open, as the page says at its top. */
async function snags(page) {
    const words = await page.locator('.top').getByText(/\d+ snags?|No snags/).first().textContent();
    return Number(words.match(/\d+/)?.[0] ?? 0);
}

async function type(page, volts) {
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    for (const digit of volts) await page.locator('.keypad').getByRole('button', { name: digit, exact: true }).click();
    await expect(page.getByLabel(/^Volts/)).toHaveValue(volts);
}

/** From the first step to a box that is begun at, with these conductors. */
async function begin(page, slot, colours) {
    await page.goto(`${HOUSE}/fit?next=${slot}`);
    await big(page, 'A second circuit in the box?');
    for (const next of [
        'Travellers from another switch?', 'A feed from a timer, boiler or fan?', 'Solar, with its own feed?',
        'A battery or standby supply?', 'Note the conductors in the box',
    ]) await big(page, next);
    for (const colour of colours) {
        await stored(page, () => page.locator('.colours').getByRole('button', { name: colour, exact: true }).click());
        await expect(page.locator('#move').getByRole('listitem').filter({ hasText: colour })).toBeVisible();
    }
    await big(page, 'Prove the detector');
}

/** Read live, off at this breaker, locked and tagged. */
async function switchOff(page, breaker, first) {
    await big(page, 'Read it live');
    await type(page, '231');
    if (breaker === 'breaker 9') {
        await big(page, 'Find the side of the two-way circuit');
        for (const position of ['Both as they are', 'Both over']) {
            for (const what of ['live', 'lamp on']) await page.getByLabel(`${position}: ${what}`).check();
        }
        await big(page, 'Switch off breaker 9');
        await expect(page.getByText('Its common follows the lamp: the lamp goes out here.')).toBeVisible();
    } else {
        await big(page, `Switch off ${breaker}`);
    }
    await big(page, 'Put your lock on');
    await big(page, 'Hang your tag on');
    await big(page, first);
}

async function settleWire(page, name, values) {
    await heading(page, 'Settle the conductors');
    await expect(page.locator('#move').getByRole('heading', { level: 3, name })).toBeVisible();
    for (const [label, value] of Object.entries(values)) {
        if (label === 'Was at') await page.getByLabel(label).fill(value);
        else await page.locator('#move').getByLabel(new RegExp(`^${label}`)).selectOption({ label: value });
    }
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'Settle it' }).click());
}

test.beforeEach(async ({ page }) => signIn(page));

test('what does not fit is drawn, said with its numbers, and other devices are offered', async ({ page }) => {
    await page.goto(`${HOUSE}/fit?next=lantern-dimmer`);
    await heading(page, 'The ceiling dimmer does not fit');
    await expect(page.getByRole('img', { name: /cut open: 30 mm needed, 25 mm there/ })).toBeVisible();
    await expect(page.locator('.section')).toContainText('lacks 5 mm');
    await expect(page.locator('#move')).toContainText('It needs a neutral, and there is none in the box.');
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'A spacer of 5 mm goes on' }).click());
    await expect(page.locator('.section')).toContainText('spacer 5 mm');
    await expect(page.locator('#move')).not.toContainText('It needs 30 mm');
    await page.locator('summary', { hasText: 'Look into the box again' }).click();
    await page.getByLabel('A neutral of its own circuit').check();
    await stored(page, () => page.getByRole('button', { name: 'Write it down' }).click());
    await heading(page, 'Fit the ceiling dimmer');
    await page.locator('summary', { hasText: 'It switches' }).click();
    await page.getByLabel('As their box says').selectOption({ label: 'Not dimmable' });
    await stored(page, () => page.getByRole('button', { name: 'It switches these' }).click());
    await heading(page, 'The ceiling dimmer does not fit');
    await expect(page.locator('#move')).toContainText('Its lamps are not dimmable.');
    await expect(page.getByRole('button', { name: /Take the .* instead/ })).toBeVisible();
    await page.locator('summary', { hasText: 'It switches' }).click();
    await stored(page, () => page.getByRole('button', { name: 'What the register says, after all' }).click());
    await heading(page, 'Fit the ceiling dimmer');
});

test('24 V stops the work; a breaker that does not kill the box is found, and the register put right', async ({ page }) => {
    test.slow();
    const socket = `${HOUSE}/fit?next=chart-socket`;
    await page.goto(socket);
    await heading(page, 'Look into the box of the desk socket');
    const before = await snags(page);
    await expectAccessible(page);
    await page.getByLabel('Depth, mm').fill('47');
    await page.getByLabel('Cables into it').fill('2');
    await page.getByLabel('A neutral of its own circuit').check();
    await big(page, 'Fit the desk socket');
    await begin(page, 'chart-socket', ['Brown', 'Blue']);
    await switchOff(page, 'breaker 1', 'Brown to blue');
    await type(page, '24');
    await big(page, 'Stop: it is not dead');
    await expect(page.locator('#move')).toContainText('24 V between brown and blue.');
    await expectAccessible(page);
    await page.goto(socket);
    await big(page, 'Prove the detector');
    await big(page, 'Brown to blue');
    await type(page, '230');
    await big(page, 'Stop: it is not dead');
    await expect(page.locator('.fit-verdict')).toHaveText('Live');
    await expect(page.locator('#move')).toContainText('Breaker 1 does not kill this box.');
    await expectAccessible(page);
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.locator('#big').click());
    await expect(page.getByRole('alert').filter({ hasText: 'Say which breaker kills it' })).toBeVisible();
    await page.getByLabel('The breaker that kills it').fill('breaker 15');
    await big(page, 'Prove the detector');
    await page.goto(`${HOUSE}/survey?lens=circuits&at=ground-sockets`);
    await expect(page.getByRole('row', { name: /Ground floor sockets/ })).toContainText('breaker 15');
    await page.goto(socket);
    await page.locator('summary', { hasText: 'Leave the box as it was' }).click();
    await stored(page, () => page.getByRole('button', { name: 'It is as it was found, and shut' }).click());
    await heading(page, 'Note the conductors in the box');
    expect(await snags(page)).toBe(before + 3);
    await page.locator('summary', { hasText: 'Give the work up' }).click();
    await stored(page, () => page.getByRole('button', { name: 'Nothing was switched off: give it up' }).click());
    await heading(page, 'Fit the desk socket');
});

test('a circuit is isolated and a dimmer fitted; a second technician sees who has it off', async ({ page, browser }) => {
    test.slow();
    await begin(page, 'keeper-dimmer', ['Brown', 'Black', 'Blue', 'Green-yellow']);
    await expectAccessible(page);
    await switchOff(page, 'breaker 9', 'Brown to black');
    await expect(page.locator('.fit-middle')).toContainText('Not every conductor was measured to every other.');
    await expect(page.getByRole('button', { name: 'It is in, and the box is shut' })).toHaveCount(0);
    for (const next of [
        'Brown to blue', 'Brown to green-yellow', 'Brown to earth', 'Black to blue', 'Black to green-yellow', 'Black to earth',
        'Blue to green-yellow', 'Blue to earth', 'Green-yellow to earth', 'Prove the detector again',
    ]) {
        await type(page, '0');
        await big(page, next);
    }
    await expect(page.locator('.fit-middle')).toContainText('The detector was not proved again: what it showed counts for nothing.');
    await expect(page.getByRole('button', { name: 'It is in, and the box is shut' })).toHaveCount(0);
    await expectAccessible(page);

    await test.step('the second technician, with a phone', async () => {
        const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
        await signIn(other, 'idris');
        await other.goto(KEEPER);
        await heading(other, 'Mara Lindqvist works at this box');
        await expect(other.locator('#move')).toContainText('“Upper floor lights” is off');
        await expect(other.locator('#move')).toContainText('Locked by Mara Lindqvist.');
        await expectAccessible(other);
        await other.context().close();
    });

    await big(page, 'Settle the conductors');
    await expect(page.locator('.fit-verdict').or(page.locator('.note.done')).first()).toContainText('Proved dead');
    await expect(page.getByRole('button', { name: 'It is in, and the box is shut' })).toHaveCount(0);
    await page.getByLabel('The box as it was found').setInputFiles({ name: 'box.png', mimeType: 'image/png', buffer: PIXEL });
    await stored(page, () => page.getByRole('button', { name: 'Keep the photograph' }).click());
    await settleWire(page, 'Brown', {
        'Was at': 'COM', 'It is': 'Line, always live', 'Known by': 'Its colour only', Goes: 'To L, line, always live',
    });
    await expect(page.locator('#move')).toContainText('Brown: its colour is a guess.');
    await settleWire(page, 'Brown', { 'Known by': 'Read live in every position' });
    await settleWire(page, 'Black', {
        'Was at': 'L1', 'It is': 'To the lamp', 'Known by': 'Live only while the lamp is on', Goes: 'To O, to the lamp',
    });
    await settleWire(page, 'Blue', {
        'Was at': 'a connector', 'It is': 'Neutral', 'Known by': 'Continuity, measured dead', Goes: 'To N, neutral',
    });
    await settleWire(page, 'Green-yellow', {
        'Was at': 'the box', 'It is': 'Earth', 'Known by': 'Continuity, measured dead', Goes: 'To the earth of the box',
    });
    await heading(page, 'Put the ceiling dimmer in');
    await expect(page.getByRole('img', { name: 'Conductors of the ceiling dimmer and where they go' })).toBeVisible();
    await expectAccessible(page);
    await big(page, 'Make “Upper floor lights” live again');
    await page.locator('summary', { hasText: 'Record one' }).click();
    await page.locator('#move').getByLabel(/^Test/).selectOption({ label: 'Insulation' });
    await page.getByLabel('What the tester showed').fill('over 200 megohm');
    await stored(page, () => page.getByRole('button', { name: 'Passed' }).click());
    await expect(page.locator('#move')).toContainText('over 200 megohm, passed');
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'My lock is off' }).click());
    await page.waitForFunction(() => document.querySelector('#big')?.textContent.includes('It is on again'));
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'It is on again' }).click());
    await heading(page, 'Try the ceiling dimmer by hand');
    await expectAccessible(page);
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'It works by hand' }).click());
    await page.goto(KEEPER);
    await heading(page, 'The ceiling dimmer is in');
});

test('a blind is taught, its end stops noted, and screws take the place of the adhesive', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`${HOUSE}/fit?next=keeper-blind`);
    await heading(page, 'Teach the direction');
    await expectAccessible(page);
    await big(page, 'Teach both end stops');
    await big(page, 'Try the window blind by hand');
    await stored(page, () => page.getByRole('button', { name: 'Screws hold it now' }).click());
    await expect(page.locator('#move')).not.toContainText('Adhesive holds it');
    await page.waitForFunction(() => !document.querySelector('.big.settling'));
    await stored(page, () => page.getByRole('button', { name: 'It works by hand' }).click());
    await page.goto(`${HOUSE}/fit?slot=keeper-blind`);
    await page.getByLabel('Set, cm').first().fill('131');
    await stored(page, () => page.getByRole('button', { name: 'Set: Lower end stop, below the rail' }).click());
    await expect(page.locator('#move')).toContainText('Planned 130, set 131: which is right?');
    await expectAccessible(page);
});

test('the van list of a visit is shown, printed and taken along', async ({ page }) => {
    await page.goto(`${HOUSE}/fit?lens=order`);
    await page.getByRole('link', { name: 'Van and time' }).click();
    await expect(page.getByRole('heading', { name: /^Visit 2 takes/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: /^Visit 3/ }).click();
    await expect(page.getByRole('row', { name: /AAA/ })).toContainText('spare');
    const table = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Take it along as CSV' }).click();
    expect((await table).suggestedFilename()).toBe('lantern-house-van-3.csv');
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('.line')).toBeHidden();
    await expect(page.getByRole('heading', { name: 'Lantern House, visit 3' })).toBeVisible();
});
