import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, openHands, signIn } from './bench.js';

test.beforeEach(async ({ page }) => signIn(page));

// A window that a failed test left open must not fail the next ones.
test.afterEach(async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    if (await page.locator('.steps [data-seconds-left]').count() > 0) {
        await page.getByRole('button', { name: 'Skip for now' }).click();
        await expect(page.locator('.steps [data-seconds-left]')).toHaveCount(0);
    }
});

test('a slot opens beside the plan, and the way back leads to the move', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    await page.getByRole('link', { name: /leak sensor, in, not proved$/i }).first().click();
    await expect(page.getByRole('heading', { name: 'Floor leak sensor' })).toBeVisible();
    await expect(page).toHaveURL(/slot=boot-leak/);
    await expect(page.getByText('Forecast to the hub:')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Back to the move' }).click();
    await expect(page.getByRole('heading', { name: /^Ask Pell/ })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Floor leak sensor' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Floor leak sensor' })).toBeVisible();
});

test('the list says in words what the plan draws', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    const plates = await page.locator('.plan a').evaluateAll((links) => links.map((link) => link.getAttribute('aria-label')));
    await page.locator('.stage-bar').getByRole('button', { name: 'List' }).click();
    const rows = page.getByRole('region', { name: 'List of Ground' }).getByRole('listitem');
    await expect(rows).toHaveCount(plates.length);
    await expect(rows.filter({ hasText: 'Freezer probe' })).toContainText('in, not proved');
    await expectAccessible(page);
    await page.locator('.stage-bar').getByRole('button', { name: 'Plan' }).click();
    await expect(page.locator('.plan')).toBeVisible();
});

test('no text on any plan lies on another text, on a plate or on a wall', async ({ page }) => {
    for (const [station, storey] of [
        ['pair', 'ground'], ['survey', 'ground'], ['survey', 'first'], ['survey', 'lantern'], ['survey', 'shed'], ['name', 'ground'],
    ]) {
        await page.goto(`${JOB}/${station}?storey=${storey}`);
        const collisions = await page.locator('.plan').evaluate((plan) => {
            const boxes = [...plan.querySelectorAll('.p-label, .p-room, .p-capsule, .p-plate, .p-wall')].map((element) => ({
                name: element.textContent || element.getAttribute('class'),
                isText: element.matches('.p-label, .p-room'),
                box: element.getBoundingClientRect(),
            }));
            const meet = (a, b) => Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1
                && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 3;
            return boxes.flatMap((one, at) => boxes.slice(at + 1)
                .filter((other) => (one.isText || other.isText) && meet(one.box, other.box))
                .map((other) => `${one.name} on ${other.name}`));
        });
        expect(collisions, `${station} ${storey}`).toEqual([]);
    }
});

test('pan and zoom stay when the page follows the job', async ({ page }) => {
    await page.goto(`${JOB}/pair?storey=ground`);
    const box = () => page.locator('.plan').getAttribute('viewBox');
    const whole = await box();
    await page.getByRole('button', { name: 'Nearer' }).click();
    const near = await box();
    expect(near).not.toBe(whole);
    const plan = await page.locator('.plan').boundingBox();
    await page.mouse.move(plan.x + 300, plan.y + 200);
    await page.mouse.down();
    await page.mouse.move(plan.x + 220, plan.y + 160, { steps: 5 });
    await page.mouse.up();
    const moved = await box();
    expect(moved).not.toBe(near);
    await expect(page).toHaveURL(/pair\?storey=ground$/);
    await page.getByRole('link', { name: 'First', exact: true }).click();
    await expect(page.getByRole('link', { name: 'First', exact: true })).toHaveAttribute('aria-current', 'true');
    await page.getByRole('link', { name: 'Ground', exact: true }).click();
    await expect(page.getByRole('link', { name: 'Ground', exact: true })).toHaveAttribute('aria-current', 'true');
    expect(await box()).toBe(moved);
    await page.getByRole('button', { name: 'Whole storey' }).click();
    expect((await box()).split(' ').map(Number)).toEqual(whole.split(' ').map(Number));
});

test('every shortcut works, and none while typing or when switched off', async ({ page }) => {
    await page.goto(`${JOB}/survey`);
    const keys = { 2: 'fit', 3: 'pair', 4: 'name', 5: 'mesh', 6: 'bridge', 9: 'hand-over', 1: 'survey' };
    for (const [key, station] of [...Object.entries(keys).slice(1), ['1', 'survey']]) {
        await page.keyboard.press(key);
        await expect(page).toHaveURL(new RegExp(`/${station}$`));
    }
    await page.keyboard.press(']');
    await expect(page.getByRole('link', { name: 'First', exact: true })).toHaveAttribute('aria-current', 'true');
    await page.keyboard.press('[');
    await expect(page.getByRole('link', { name: 'Ground', exact: true })).toHaveAttribute('aria-current', 'true');
    await page.keyboard.press('/');
    await expect(page.getByLabel('Room, slot, name, model or address')).toBeFocused();
    await page.keyboard.type('3 s leak');
    await expect(page).toHaveURL(/survey/);
    await page.getByLabel('Room, slot, name, model or address').fill('bath leak');
    await page.getByRole('link', { name: /Bath leak sensor/ }).click();
    await expect(page.getByRole('heading', { name: 'Bath leak sensor' })).toBeVisible();
    await page.keyboard.press('s');
    await expect(page.getByRole('dialog', { name: 'Snags' })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    await expect(page.getByText('stations,')).toBeVisible();
    await page.getByRole('button', { name: 'Switch single keys off' }).click();
    await expect(page.locator('body')).toHaveAttribute('data-single-keys', 'off');
    const before = page.url();
    await page.keyboard.press('3');
    await page.keyboard.press('l');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    expect(page.url()).toBe(before);
    await page.locator('.menu summary').click();
    await page.getByRole('button', { name: 'Switch single keys on' }).click();
    await expect(page.locator('body')).toHaveAttribute('data-single-keys', 'on');
});

test('the keyboard keeps its place when the card changes, and the new button waits half a second', async ({ page }) => {
    await page.goto(`${JOB}/pair?next=guest-lamp`);
    const big = page.locator('#big');
    await page.keyboard.press('n');
    await expect(big).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'It blinks' })).toBeVisible();
    await expect(big).toBeFocused();
    await page.waitForFunction(() => !document.querySelector('#big.settling'));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'The hub listens' })).toBeVisible();
    await page.getByRole('button', { name: 'Close the window' }).or(page.getByRole('button', { name: 'Skip for now' })).first().click();
    await expect(page.locator('.steps [data-seconds-left]')).toHaveCount(0);
});

test('the dark theme stays, and every pair of tokens has its contrast', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    const ratios = () => page.evaluate(() => {
        const style = getComputedStyle(document.documentElement);
        const light = (short) => {
            const hex = short.length === 4 ? `#${[...short.slice(1)].map((digit) => digit + digit).join('')}` : short;
            const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
                .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
            return 0.2126 * r + 0.7152 * g + 0.0722 * b;
        };
        const token = (name) => style.getPropertyValue(`--${name}`).trim();
        const contrast = (a, b) => {
            const [dark, bright] = [light(token(a)), light(token(b))].sort((x, y) => x - y);
            return (bright + 0.05) / (dark + 0.05);
        };
        return {
            body: [
                ['ink', 'paper'], ['ink', 'sheet'], ['ink-2', 'paper'], ['ink-2', 'sheet'], ['caution', 'caution-wash'],
                ['danger', 'danger-wash'], ['copper-ink', 'copper-wash'], ['on-ink', 'ink'], ['jacket-text', 'jacket'],
                ['jacket-2', 'jacket'], ['ink', 'caution-wash'], ['ink', 'danger-wash'], ['ink', 'copper-wash'],
            ].map(([a, b]) => [`${a} on ${b}`, contrast(a, b)]),
            large: [['on-copper', 'copper'], ['wall', 'sheet'], ['bare', 'jacket'], ['undone', 'jacket'], ['edge', 'sheet']]
                .map(([a, b]) => [`${a} on ${b}`, contrast(a, b)]),
        };
    });
    const check = async () => {
        const { body, large } = await ratios();
        for (const [pair, ratio] of body) expect(ratio, pair).toBeGreaterThanOrEqual(7);
        for (const [pair, ratio] of large) expect(ratio, pair).toBeGreaterThanOrEqual(3);
    };
    await check();
    await page.locator('.menu summary').click();
    await page.getByRole('button', { name: 'Dark' }).click();
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    await check();
    await expectAccessible(page);
});

test('a note is written down once, even when it is sent twice', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await page.getByRole('link', { name: /^Log/ }).click();
    const log = page.getByRole('dialog', { name: 'Logbook' });
    const text = `The client keeps the old switch ${Date.now()}.`;
    await log.getByLabel('Note what happened').fill(text);
    const form = await log.locator('form').evaluate((element) => Object.fromEntries(new FormData(element)));
    await log.getByRole('button', { name: 'Write it down' }).click();
    await expect(log.getByText(text)).toHaveCount(1);
    const twin = { form: { ...form, _once: `${form._once}-twin`, text } };
    const twins = await Promise.all([1, 2, 3, 4].map(() => page.request.post(`${JOB}/logbook`, twin)));
    expect(twins.map((answer) => answer.status())).toEqual([200, 200, 200, 200]);
    const again = await page.request.post(`${JOB}/logbook`, { form: { ...form, text } });
    expect(again.status()).toBe(200);
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('link', { name: /^Log/ }).click();
    await expect(log.getByText(text), 'once from the form, once from its four twins').toHaveCount(2);
});

test('the logbook shows the latest, and earlier entries when they are asked for', async ({ page }) => {
    const barn = '/jobs/hollin-barn';
    await page.goto(`${barn}/pair`);
    const token = await page.locator('[name="_token"]').first().inputValue();
    for (let note = 1; note <= 45; note++) {
        await page.request.post(`${barn}/logbook`, { form: { _token: token, text: `Beam ${note} looked at.` } });
    }
    await page.getByRole('link', { name: /^Log/ }).click();
    const log = page.getByRole('dialog', { name: 'Logbook' });
    await expect(log.getByText('Beam 45 looked at.')).toBeVisible();
    await expect(log.getByText('Beam 5 looked at.')).toHaveCount(0);
    await log.getByRole('link', { name: 'Earlier' }).click();
    await expect(log.getByText('Beam 5 looked at.')).toHaveCount(1);
    await expect(log.getByText('Beam 45 looked at.')).toHaveCount(1);
    await expectAccessible(page);
});

test('a page asks seldom while the server has many to answer', async ({ page }) => {
    const asked = [];
    await page.clock.install();
    await page.route(/[?&]since=/, (route) => {
        asked.push(route.request().url());
        return route.fulfill({ status: 204, headers: { 'Kavvel-Patience': '3' } });
    });
    await page.goto(`${JOB}/hand-over`);
    const first = page.waitForResponse(/[?&]since=/);
    await page.clock.runFor(5_000);
    await (await first).finished();
    await page.evaluate(() => new Promise((done) => { queueMicrotask(done); }));
    await page.clock.runFor(14_000);
    expect(asked).toHaveLength(1);
    const second = page.waitForResponse(/[?&]since=/);
    await page.clock.runFor(2_000);
    await second;
    expect(asked).toHaveLength(2);
});

test('two people who edit one slot both see both values', async ({ page, browser }) => {
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    for (const one of [page, other]) {
        await one.goto(`${JOB}/survey?slot=towel`);
        await one.getByText('Change the plan here').click();
    }
    await other.getByLabel('Note').fill('left of the door');
    await other.getByRole('button', { name: 'Save the change' }).click();
    await expect(other.getByText('left of the door', { exact: true })).toBeVisible();
    await page.getByLabel('Note').fill('right of the door');
    await page.getByRole('button', { name: 'Save the change' }).click();
    const notice = page.getByRole('alert');
    await expect(notice).toContainText('Somebody else changed the wall towel rail in the meantime.');
    await expect(notice.getByRole('row', { name: 'Note left of the door right of the door' })).toBeVisible();
    await expect(page.getByLabel('Note')).toHaveValue('right of the door');
    await expectAccessible(page);
    await notice.getByRole('link', { name: 'Load theirs, then change it again' }).click();
    await page.getByText('Change the plan here').click();
    await expect(page.getByLabel('Note')).toHaveValue('left of the door');
    await other.context().close();
});

test('a form keeps its values while the server is away, and sending again is safe', async ({ page, context }) => {
    await page.goto(`${JOB}/survey`);
    await page.getByLabel('The answer').fill('Breaker 12, behind the device at the board.');
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Note the answer' }).click();
    await expect(page.locator('#banner')).toContainText(/Nothing is saved since \d\d:\d\d/);
    await expect(page.getByLabel('The answer')).toHaveValue('Breaker 12, behind the device at the board.');
    await expect(page.locator('.plan')).toBeVisible();
    await context.setOffline(false);
    const sent = [];
    page.on('request', (request) => {
        if (!/[?&]since=/.test(request.url())) sent.push(request.method());
    });
    await page.getByRole('button', { name: 'Note the answer' }).click();
    await expect(page.locator('#banner')).toBeHidden();
    await expect(page.getByRole('heading', { name: /^Ask Pell/ })).toBeHidden();
    await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();
    expect(sent, 'one way there and back').toEqual(['POST']);
    await expect(page).toHaveURL(/\/survey$/);
    await page.reload();
    await expect(page.getByRole('heading', { name: /^Ask Pell/ })).toBeHidden();
    await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toHaveCount(0);
});

test('the hub is plainly away, and plainly back', async ({ page, context }) => {
    await page.goto(`${JOB}/mesh`);
    const hands = await openHands(context, 'hall-relay');
    await hands.getByRole('button', { name: 'Unplug the hub' }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since \d\d:\d\d/)).toBeVisible();
    await expectAccessible(page);
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Plug it in' }).click();
    await page.bringToFront();
    await expect(page.getByText(/Hub has not answered since/)).toBeHidden();
});

test('a window that ends says so, with the next thing to try', async ({ page, context }) => {
    await page.goto(`${JOB}/pair?next=bath-leak`);
    await page.getByRole('button', { name: 'Open the join window' }).click();
    await expect(page.locator('.steps [data-seconds-left]')).toBeVisible();
    await page.getByRole('button', { name: 'No light' }).click();
    await expect(page.getByText('Hold the button for 3 s, with the window open.')).toBeVisible();
    const hands = await openHands(context, 'bath-leak');
    await hands.getByRole('button', { name: 'Let 254 s pass' }).click();
    await page.bringToFront();
    await page.goto(`${JOB}/pair?next=bath-leak`);
    await expect(page.getByText('The device never spoke')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Try this next' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Open the next window' })).toBeVisible();
    await expectAccessible(page);
});

test('the far view shows state and countdown huge, and follows by itself', async ({ page, context }) => {
    await page.goto(`${JOB}/pair?next=bunk-lamp`);
    await page.getByRole('button', { name: 'Open the join window' }).click();
    await page.getByRole('button', { name: 'Far view' }).click();
    const far = page.getByRole('region', { name: 'Far view' });
    await expect(far.getByRole('status')).toHaveText('Waiting');
    await expect(far.locator('[data-seconds-left]')).toHaveText(/^[34]:\d\d left$/);
    const height = await far.getByRole('status').evaluate((state) => parseFloat(getComputedStyle(state).fontSize));
    expect(height).toBeGreaterThan(120);
    await expectAccessible(page);
    const hands = await openHands(context, 'bunk-lamp');
    await hands.getByRole('button', { name: 'Carry it to the hub' }).click();
    await hands.getByRole('button', { name: 'Switch off and on 6 times' }).click();
    await page.bringToFront();
    await expect(far.getByRole('status')).toHaveText('It is in');
    await far.getByRole('button', { name: 'Near view' }).click();
    await expect(page.getByRole('heading', { name: 'Is this the bedside lamp?' })).toBeVisible();
    await page.getByRole('button', { name: 'Yes, the bedside lamp' }).click();
    await expect(page.getByRole('heading', { name: 'Is this the bedside lamp?' })).toBeHidden();
});

test('half an interview is plain, and can be accepted as a snag', async ({ page, context }) => {
    const hands = await openHands(context, 'chart-lamp');
    await hands.getByLabel('What is wrong with it').selectOption('half-interview');
    await hands.getByRole('button', { name: 'Plant it' }).click();
    await page.bringToFront();
    await page.goto(`${JOB}/pair?next=chart-lamp`);
    await page.getByRole('button', { name: 'Open the join window' }).click();
    await expect(page.locator('.steps [data-seconds-left]')).toBeVisible();
    await hands.bringToFront();
    await hands.getByRole('button', { name: 'Switch off and on 6 times' }).click();
    await page.bringToFront();
    await expect(page.getByText('Joined in part')).toBeVisible();
    await expect(page.getByText('Missing: on-off, level, colour').first()).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Accept as it is' }).click();
    await expect(page.getByText('Joined in part')).toBeHidden();
    await page.locator('.top').getByRole('link', { name: /snags?/ }).click();
    const snags = page.getByRole('dialog', { name: 'Snags' });
    await expect(snags.getByText('The reading lamp joined in part. Missing: on-off, level, colour.')).toBeVisible();
});

test('a slot is added, moved to its place, and removed again', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    await page.getByText('Plan a device').click();
    const form = page.locator('form', { has: page.getByRole('button', { name: 'Add it to the plan' }) });
    await form.getByLabel('Place').fill('shelf');
    await form.getByLabel('What').fill('lamp');
    await form.locator('[name=room]').selectOption('Store');
    await form.locator('[name=profile]').selectOption('Table lamp (ZB)');
    await form.getByLabel('x, m').fill('50');
    await form.getByLabel('y, m').fill('9');
    await form.getByRole('button', { name: 'Add it to the plan' }).click();
    await expect(page.getByRole('alert')).toContainText('x 50 m, y 9 m lies outside every room of that storey.');
    await expect(form.getByLabel('Place')).toHaveValue('shelf');
    await page.getByRole('button', { name: 'Close' }).click();
    await form.getByLabel('x, m').fill('7.4');
    await form.getByLabel('y, m').fill('7.4');
    await form.getByRole('button', { name: 'Add it to the plan' }).click();
    await expect(page.getByRole('heading', { name: 'Shelf lamp' })).toBeVisible();
    await expect(page.getByText('Forecast to the hub:')).toBeVisible();
    await page.getByText('Change the plan here').click();
    await page.getByText('Remove it from the plan').click();
    await page.getByRole('button', { name: 'Yes, remove the shelf lamp' }).click();
    await expect(page.getByRole('heading', { name: 'Shelf lamp' })).toBeHidden();
    await page.getByRole('button', { name: 'Put it back on the plan' }).click();
    await page.goto(`${JOB}/survey?slot=shelf-lamp`);
    await expect(page.getByRole('heading', { name: 'Shelf lamp' })).toBeVisible();
    await page.getByText('Change the plan here').click();
    await page.getByText('Remove it from the plan').click();
    await page.getByRole('button', { name: 'Yes, remove the shelf lamp' }).click();
    await expect(page.getByRole('heading', { name: 'Shelf lamp' })).toBeHidden();
});

test('what no wall explains is found at the survey, and becomes a snag', async ({ page }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    await expectAccessible(page);
    const finding = page.locator('.remedies li', { hasText: 'Wrong region: wall siren' });
    await expect(finding).toContainText('They never hear each other: exchange it for the EU model before the visit.');
    await finding.getByRole('button', { name: 'Raise a snag' }).click();
    const snags = page.getByRole('dialog', { name: 'Snags' });
    await expect(snags).toContainText('The wall siren is made for US');
    await page.keyboard.press('Escape');
    await page.reload();
    await expect(finding).toContainText('A snag was raised for it.');
    await finding.getByRole('link').click();
    await expect(page.getByRole('heading', { name: 'Wall siren' })).toBeVisible();
    await expect(page.locator('.side .note.danger')).toContainText('They never hear each other');
    await expectAccessible(page);
});

test('a device addressed on its bus is written down, and its rungs climbed by hand', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await page.getByText('to put in by hand').click();
    await page.locator('#by-hand').getByRole('link', { name: 'Ceiling presence sensor' }).click();
    await page.getByLabel('Its address there').fill('<7>');
    await page.getByRole('button', { name: 'It is in' }).click();
    await expect(page.getByRole('alert')).toContainText('letters, digits, spaces');
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByLabel('Its address there').fill('1/3/7');
    await page.getByRole('button', { name: 'It is in' }).click();
    await expect(page.getByRole('row', { name: 'Address 1/3/7' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'It answers on its bus' }).click();
    await expect(page.locator('.rung', { hasText: 'Its own bus' })).toContainText('shown');
});

test('a lead changes the rules of a job, and the office its visit', async ({ page, browser }) => {
    await page.goto(`${JOB}/survey?storey=ground`);
    await page.getByText('Change the rules of this job').click();
    await page.getByLabel('A link is accepted from, dB').fill('14');
    await page.getByRole('button', { name: 'Save the rules' }).click();
    await expect(page.getByRole('row', { name: 'Thin, 6 to 14 dB' })).toBeVisible();
    await page.getByText('Change the rules of this job').click();
    await page.getByLabel('A link is accepted from, dB').fill('12');
    await page.getByRole('button', { name: 'Save the rules' }).click();
    await expect(page.getByRole('row', { name: 'Thin, 6 to 12 dB' })).toBeVisible();
    const office = await (await browser.newContext()).newPage();
    await signIn(office, 'wren');
    const card = office.getByRole('article', { name: 'Lantern House' });
    await card.getByText('Client, visit and job file').click();
    await expect(card.getByLabel('Minutes used')).toBeVisible();
    await expectAccessible(office);
    await card.getByLabel('Minutes used').fill('230');
    await card.getByRole('button', { name: 'Save the visit' }).click();
    await office.goto(`${JOB}/survey`);
    await expect(office.getByText('3 h 50 used')).toBeVisible();
    await office.context().close();
});

test('a code is shown on purpose only', async ({ page }) => {
    await page.goto(`${JOB}/survey?slot=front-lock`);
    await expect(page.locator('body')).not.toContainText('30412');
    await page.getByText('Codes', { exact: true }).click();
    await page.getByRole('button', { name: 'Show: Lock, sticker inside the cover' }).click();
    await expect(page.getByRole('dialog', { name: 'Code' })).toContainText('30412-05573');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('body')).not.toContainText('30412');
});

test('a broken job file says where, and a good one makes a job', async ({ page }) => {
    const file = JSON.parse(await (await page.request.get('/jobs/calico-court/export')).text());
    const attach = async (data, once = true) => {
        if (once) await page.goto('/jobs');
        const buffer = Buffer.from(JSON.stringify(data));
        await page.getByLabel('Job file').setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer });
        if (!once) await page.getByLabel('Make a second one of it all the same').check();
        await page.getByRole('button', { name: 'Import it' }).click();
    };
    await attach({ ...file, slots: file.slots.map((slot, at) => (at === 2 ? { ...slot, mounting: 'glued' } : slot)) });
    await expect(page.getByRole('alert').first()).toContainText('$.slots[2].mounting');
    await attach(file);
    await expect(page.getByRole('alert').first()).toContainText('is here already');
    await expectAccessible(page);
    await attach(file, false);
    await expect(page).toHaveURL(/calico-court-\d\/survey/);
    await expect(page.getByRole('heading', { name: 'Ask Jonas Reed' })).toBeVisible();
});

test('the office and a stranger see what they may', async ({ browser }) => {
    const office = await (await browser.newContext()).newPage();
    await signIn(office, 'wren');
    await office.goto(`${JOB}/pair`);
    await expect(office.getByRole('heading', { name: /^Pair the/ })).toBeVisible();
    await expect(office.getByRole('button', { name: /window/ })).toHaveCount(0);
    await expectAccessible(office);
    const stranger = await (await browser.newContext()).newPage();
    await stranger.goto('/sign-in');
    await stranger.getByLabel('E-mail').fill('sol@quill-barrow.example');
    await stranger.getByLabel('Password').fill('lantern-house');
    await stranger.getByRole('button', { name: 'Sign in' }).click();
    await expect(stranger.getByText('There is no job yet. Begin one below.')).toBeVisible();
    expect((await stranger.goto(`${JOB}/pair`)).status()).toBe(404);
    await expect(stranger.getByRole('heading', { name: 'Not here' })).toBeVisible();
    await expectAccessible(stranger);
});
