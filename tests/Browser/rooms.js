import { expect } from '@playwright/test';

let count = 0;

/** A new job with nothing in it, opened where rooms are drawn. */
export async function emptyJob(page, name) {
    count += 1;
    await page.goto('/jobs');
    await page.getByLabel('What it is called').fill(`${name} ${Date.now() % 100000}${count}`);
    await page.getByLabel('Client', { exact: true }).fill('Aster Quill');
    await page.getByLabel('Where the house is').fill('Mill Reach');
    await page.getByLabel('Latitude, for the sun').fill('51.2');
    await page.getByLabel('Longitude').fill('-1.4');
    await page.getByRole('button', { name: 'Begin it empty' }).click();
    await page.getByRole('link', { name: 'Draw the rooms' }).click();
    await expect(page.getByRole('heading', { name: 'Measure the first room' })).toBeVisible();
}

/** What an edit answers is on the page. */
export async function drawn(page, act) {
    const version = page.getByText(/^plan version \d+$/);
    const before = await version.textContent();
    await act();
    await expect(version).not.toHaveText(before);
}

export async function measure(page, said, kind = 'Room') {
    await page.getByLabel('Room, width x depth').fill(said);
    await page.getByLabel('It is a').first().selectOption({ label: kind });
    await drawn(page, () => page.getByRole('button', { name: 'Add the room' }).click());
}

/** Where a thing of the plan lies on screen, and how many pixels a metre has. */
export async function onScreen(page, thing) {
    const box = await thing.boundingBox();
    const scale = await page.locator('.plan').evaluate((plan) => plan.getScreenCTM().a);
    return { x: box.x + box.width / 2, y: box.y + box.height / 2, scale };
}

export async function drag(page, thing, dx, dy) {
    const { x, y, scale } = await onScreen(page, thing);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + dx * scale / 2, y + dy * scale / 2, { steps: 3 });
    await page.mouse.move(x + dx * scale, y + dy * scale, { steps: 3 });
    await page.mouse.up();
}
