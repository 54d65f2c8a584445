import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, signIn } from './bench.js';
import { drawn, emptyJob, measure } from './rooms.js';

const LENSES = [
    'survey?lens=rooms', 'survey?lens=rooms&storey=ground&at=room+hall', 'survey?lens=rooms&storey=ground&at=wall+ground-w05',
    'survey?lens=radio', 'survey?lens=channels', 'survey?lens=wants&at=doors', 'survey?lens=circuits',
    'survey?lens=circuits&at=hall-lights', 'survey?lens=control', 'survey?lens=control&at=slot+hall-keypad', 'survey?lens=heating',
    'survey?lens=cables', 'survey?lens=cables&at=chart-p1', 'survey?lens=closings', 'survey?lens=closings&at=point+log-t1',
    'survey?lens=questions', 'survey?lens=questions&at=question+keeper-blind', 'survey?lens=questions&at=ask', 'survey?lens=existing',
    'survey?lens=existing&at=add', 'survey?lens=measure', 'survey?lens=measure&at=keeper+first-w01%4011.60',
    'survey?lens=measure&at=store+ground-w03%407.20', 'survey?lens=heating&at=hall', 'survey?slot=projector', 'survey?slot=store-meter',
    'pair?lens=bus', 'mesh?lens=thread', 'mesh?lens=wifi', 'mesh?show=house',
];

test.beforeEach(async ({ page }) => signIn(page));

const BRIDGE = ['bridge', 'bridge?lens=outage', 'bridge?lens=boxes&at=box+hub-box', 'bridge?show=every-function&at=policies'];

test('one thing on screen, with the big button in reach of the thumb', async ({ page }) => {
    await page.goto(`${JOB}/pair`);
    await expect(page.getByRole('heading', { name: /^Pair the/ })).toBeVisible();
    await expect(page.locator('.plan')).toBeHidden();
    const big = await page.locator('#big').boundingBox();
    expect(big.height).toBeGreaterThanOrEqual(56);
    expect(big.y + big.height).toBeLessThanOrEqual(844 - 56);
    expect(big.y).toBeGreaterThan(844 / 2);
    await expectAccessible(page);
});

test('nothing is wider than the screen', async ({ page }) => {
    const stations = ['survey', 'pair', 'name', 'mesh', ...BRIDGE, 'hand-over', 'survey?slot=front-lock', ...LENSES];
    for (const path of ['/jobs', ...stations.map((station) => `${JOB}/${station}`)]) {
        await page.goto(path);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    }
});

test('what can be touched is large enough for a glove', async ({ page }) => {
    const stations = [
        'survey', 'pair', 'name', 'mesh', ...BRIDGE, 'hand-over', 'hand-over?show=in', 'survey?slot=front-lock', ...LENSES,
    ];
    for (const path of ['/jobs', ...stations.map((station) => `${JOB}/${station}`)]) {
        await page.goto(path);
        const small = await page.locator('a, button, summary, select, .tick, input:not([type=hidden])').evaluateAll((targets) => targets
            .filter((target) => target.checkVisibility() && !target.closest('svg, .skip, .visually-hidden'))
            .filter((target) => !target.matches('.tick input'))
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

test('a room is drawn with a thumb', async ({ page }) => {
    await emptyJob(page, 'Heron Mill');
    await measure(page, 'kitchen 4.2 x 3.6');
    await measure(page, 'hall 2 x 3.6');
    await expectAccessible(page);
    await page.locator('.faces').getByText('Plan').click();
    await expect(page.locator('#room-kitchen')).toBeVisible();
    await expect(page.locator('.side')).toBeHidden();
    await expectAccessible(page);
    await page.locator('#room-kitchen polygon').tap();
    await page.locator('.faces').getByText('Move').click();
    await expect(page.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
    await page.getByLabel('Width, m').fill('4.5');
    await drawn(page, () => page.getByRole('button', { name: 'Resize' }).click());
    await expect(page.getByText('4.50 × 3.60 m clear')).toBeVisible();
    await page.locator('.faces').getByText('List').click();
    await expect(page.getByText('Wall between hall and kitchen')).toBeVisible();
});

test('the radio forecast is read on a phone', async ({ page }) => {
    await page.goto(`${JOB}/survey?lens=radio&storey=ground`);
    await expect(page.getByRole('heading', { name: 'The hub stands well' })).toBeVisible();
    await expectAccessible(page);
    await page.locator('.faces').getByText('Plan').click();
    await expect(page.locator('.p-shade')).toBeVisible();
    await page.locator('.faces').getByText('List').click();
    await expect(page.getByRole('region', { name: 'List of Ground' }).getByText('−4 dB lost').first()).toBeVisible();
    await expectAccessible(page);
});

test('paths are followed on a phone, and said in words', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await expect(page.getByRole('heading', { name: 'Choose by which paths' })).toBeVisible();
    await expectAccessible(page);
    await page.locator('.faces').getByText('Plan').click();
    await expect(page.locator('svg.paths')).toBeVisible();
    await expectAccessible(page);
    await page.locator('.faces').getByText('List').click();
    await page.getByRole('link', { name: 'Store yard doorbell' }).tap();
    await page.locator('.faces').getByText('Move').click();
    await expect(page.getByText('it stops')).toBeVisible();
    await expectAccessible(page);
});
