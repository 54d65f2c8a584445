import { expect, test } from '@playwright/test';
import { expectAccessible, signIn } from './bench.js';
import { drag, drawn, emptyJob, measure, onScreen } from './rooms.js';

test.beforeEach(async ({ page }) => signIn(page));

test('a house is drawn with the mouse', async ({ page }) => {
    await emptyJob(page, 'Heron Mill');
    await expectAccessible(page);
    for (const room of ['kitchen 4.2 x 3.6, h 2.4', 'hall 2 x 3.6', 'living room 5 x 4.4']) await measure(page, room);
    await expect(page.getByRole('heading', { name: 'Living room' })).toBeVisible();
    await expect(page.getByText('5.00 × 4.40 m clear, 2.4 m high.')).toBeVisible();

    // Dragged near the kitchen it comes to lie against it, and one wall is between them.
    await drawn(page, () => drag(page, page.locator('#room-living-room polygon'), -6.3, 3.55));
    await expect(page.getByText('Last: moved the living room.')).toBeVisible();
    await page.getByRole('button', { name: 'List' }).click();
    const walls = page.getByRole('region', { name: 'List of Ground floor' });
    await expect(walls.getByText('Wall between kitchen and living room')).toBeVisible();
    await expect(walls.getByText('Wall between hall and kitchen')).toBeVisible();
    await walls.getByText('Wall between hall and kitchen').click();
    await page.locator('.stage-bar').getByRole('button', { name: 'Plan' }).click();

    // A wall is touched, and told what it is made of.
    await expect(page.getByText('It takes 2 dB at 2.4 GHz')).toBeVisible();
    await page.getByLabel('Made of').selectOption({ label: 'Brick 100 mm, plastered' });
    await drawn(page, () => page.getByRole('button', { name: 'Save the wall' }).click());
    await expect(page.getByText('125 mm thick.')).toBeVisible();
    await page.getByText('Add one', { exact: true }).click();
    await drawn(page, () => page.getByRole('button', { name: 'Put it in' }).click());
    await expect(page.getByText('Door, 0.90 m at 0.50 m')).toBeVisible();
    await expectAccessible(page);

    // It goes where it is dragged, with the rooms on both sides.
    await drawn(page, () => drag(page, page.locator('#wall-ground-w02 .r-handle'), 0.48, 0.3));
    await page.locator('#room-hall polygon').click();
    await expect(page.getByText('1.52 × 3.60 m clear')).toBeVisible();

    // Everything back, step by step, and again.
    const back = page.getByRole('button', { name: 'Take back' });
    for (const step of ['put a door into the wall', 'said what the wall', 'moved the living room']) {
        await drawn(page, () => back.click());
        await expect(page.getByText(`Last: ${step}`)).toBeVisible();
    }
    await drawn(page, () => page.getByRole('button', { name: 'Do again' }).click());
    await page.reload();
    await expect(page.getByText('Last: said what the wall')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Do again' })).toBeEnabled();
});

test('what can’t be is refused in words, and stays where it was', async ({ page, context }) => {
    await emptyJob(page, 'Heron Mill');
    await measure(page, 'kitchen 4.2 x 3.6');
    await measure(page, 'hall 2 x 3.6');
    await drag(page, page.locator('#room-hall polygon'), -2, 0.6);
    await expect(page.getByRole('alert')).toContainText('The Hall would lie over the Kitchen.');
    await expect(page.locator('#room-hall')).not.toHaveAttribute('transform');
    await page.getByLabel('Room, width x depth').fill('store');
    await page.getByRole('button', { name: 'Add the room' }).click();
    await expect(page.getByRole('alert')).toContainText('a name and two measures');
    await expect(page.getByLabel('Room, width x depth')).toHaveValue('store');

    // Nothing comes through: the room goes back, and can be dragged again.
    await context.setOffline(true);
    await drag(page, page.locator('#room-hall polygon'), 2, 1);
    await expect(page.locator('#room-hall')).not.toHaveAttribute('transform');
    await context.setOffline(false);
    await drawn(page, () => drag(page, page.locator('#room-hall polygon'), 2, 1));
});

test('two storeys and eight rooms by keyboard alone', async ({ page }) => {
    await emptyJob(page, 'Heron Mill');
    const type = async (said) => {
        await page.keyboard.press('Control+A');
        await page.keyboard.type(said);
        await drawn(page, () => page.keyboard.press('Enter'));
    };
    await page.getByLabel('Room, width x depth').focus();
    for (const room of ['kitchen 4 x 3', 'hall 2 x 3', 'living 5 x 3', 'store 2 x 3']) await type(room);
    await expect(page.getByLabel('Room, width x depth')).toBeFocused();

    // The store goes down under the kitchen by arrow keys.
    await page.locator('#room-store').focus();
    await drawn(page, () => page.keyboard.press('Shift+ArrowRight'));
    await expect(page.locator('#room-store')).toBeFocused();
    await drawn(page, () => page.keyboard.press('ArrowDown'));
    await expect(page.getByText('Last: moved the store.')).toBeVisible();
    await drawn(page, () => page.keyboard.press('z'));

    // A wall is chosen, moved and opened without a pointer.
    await page.locator('#wall-ground-w02').focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Wall between hall and kitchen' })).toBeVisible();
    await page.locator('#wall-ground-w02').focus();
    await drawn(page, () => page.keyboard.press('ArrowRight'));
    await page.getByLabel('Made of').focus();
    await page.keyboard.type('Concrete');
    await page.getByRole('button', { name: 'Save the wall' }).focus();
    await drawn(page, () => page.keyboard.press('Enter'));
    await expect(page.getByText('200 mm thick.')).toBeVisible();

    await page.getByRole('link', { name: 'Measure the next room' }).focus();
    await page.keyboard.press('Enter');
    await page.getByText('Add a storey').focus();
    await page.keyboard.press('Enter');
    await page.locator('#add-storey').getByLabel('Name').focus();
    await page.keyboard.type('First floor');
    await drawn(page, () => page.keyboard.press('Enter'));
    await page.locator('.stage-bar').getByRole('link', { name: 'First floor' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('First floor, 0 rooms')).toBeVisible();
    await page.getByLabel('Room, width x depth').focus();
    for (const room of ['bedroom 4 x 3', 'landing 2 x 3', 'bathroom 2.4 x 3', 'study 3 x 3']) await type(room);
    await expect(page.getByText('First floor, 4 rooms')).toBeVisible();
    await expect(page.locator('.r-below')).toHaveCount(4);
});

test('two people draw one house', async ({ page, browser }) => {
    await emptyJob(page, 'Heron Mill');
    await measure(page, 'kitchen 4.2 x 3.6');
    const address = page.url();
    const other = await browser.newPage({ baseURL: new URL(address).origin });
    await signIn(other);
    await other.goto(address);
    await measure(page, 'hall 2 x 3.6');
    // What one draws, the other sees by itself; and nobody takes back what they have not seen.
    await expect(other.locator('#room-hall')).toBeVisible();
    await other.locator('#room-hall polygon').click();
    await expect(other.getByRole('heading', { name: 'Hall' })).toBeVisible();
    await drawn(page, () => drag(page, page.locator('#room-hall polygon'), 1, 1));
    await other.locator('#move-room > summary').click();
    await other.locator('#move-room').getByLabel('Right').fill('1');
    await other.locator('#move-room').getByRole('button', { name: 'Move' }).click();
    await expect(other.getByRole('alert')).toContainText('Somebody changed the hall after you looked.');
    await other.close();
});

test('a way for cables, a point and a picture under the plan', async ({ page }) => {
    await emptyJob(page, 'Heron Mill');
    await measure(page, 'kitchen 4.2 x 3.6');
    await page.goto(page.url().replace(/&at=new/, ''));
    await page.getByText('Add a point').click();
    await page.locator('#add-point').getByRole('button', { name: 'Touch its place on the plan' }).click();
    await page.locator('#room-kitchen polygon').click();
    await drawn(page, () => page.getByRole('button', { name: 'Add the point' }).click());
    await page.getByText('Add a riser or a duct').click();
    await page.getByRole('button', { name: 'Touch its way on the plan' }).click();
    await page.locator('#room-kitchen polygon').click({ position: { x: 60, y: 60 } });
    await page.locator('#room-kitchen polygon').click({ position: { x: 200, y: 60 } });
    await page.getByRole('button', { name: '2 touched' }).click();
    await drawn(page, () => page.getByRole('button', { name: 'Add the duct' }).click());
    await expect(page.locator('.r-duct')).toHaveCount(1);

    const picture = await page.locator('.plan').screenshot();
    await page.getByText('Lay a photograph or scan under it').click();
    await page.getByLabel('Picture').setInputFiles({ name: 'plan.png', mimeType: 'image/png', buffer: picture });
    await page.getByRole('button', { name: 'Lay it under' }).click();
    await expect(page.locator('.plan image')).toHaveCount(1);
    await page.getByText('The picture under it').click();
    await page.locator('#underlay').getByLabel('Both ends').fill('1,1 3,1');
    await page.locator('#underlay').getByLabel('It is, in metres').fill('4');
    await page.getByRole('button', { name: 'Bring it to scale' }).click();
    await expect(page.locator('.plan image')).toHaveAttribute('width', '24');
    await expectAccessible(page);
});

test('the first device of a new job is put where its place is touched', async ({ page }) => {
    await emptyJob(page, 'Otter Lodge');
    for (const room of ['hall 2 x 3', 'kitchen 4 x 3.5']) await measure(page, room);
    await page.getByRole('link', { name: 'Devices' }).click();
    await expect(page.getByRole('heading', { name: 'Ask what is wanted' })).toBeVisible();
    await page.getByText('Plan a device').click();
    const form = page.locator('form', { has: page.getByRole('button', { name: 'Add it to the plan' }) });
    await form.getByLabel('What').fill('plug');
    await form.getByRole('button', { name: 'Touch its place on the plan' }).click();
    await page.locator('.plan [data-room="kitchen"]').click();
    await expect(form.locator('[name=room]')).toHaveValue('kitchen');
    await form.getByRole('button', { name: 'Where it usually goes in that room' }).click();
    await expect(form.getByRole('status')).toBeVisible();
    await form.getByRole('button', { name: 'Add it to the plan' }).click();
    await expect(page.getByRole('heading', { name: 'Plug' })).toBeVisible();

    // The form on a page of its own has no plan, and does not say that it has.
    await page.goto(`${page.url().split('/survey')[0]}/forms/add-slot`);
    await expect(page.getByRole('heading', { name: 'Plan a device' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Touch its place on the plan' })).toBeHidden();
});
