import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, signIn } from './bench.js';
import { drag } from './rooms.js';

test.beforeEach(async ({ page }) => signIn(page));

test('the margin is read off under the finger, and a touch says what costs it', async ({ page }) => {
    await page.goto(`${JOB}/survey?lens=radio&storey=ground`);
    await expect(page.getByRole('heading', { name: 'The hub stands well' })).toBeVisible();
    await expectAccessible(page);
    const kitchen = await page.locator('[data-room="kitchen"]').boundingBox();
    await page.mouse.move(kitchen.x + kitchen.width * 0.85, kitchen.y + kitchen.height * 0.75);
    await expect(page.locator('#radio-tip')).toHaveText(/^−?\d+ dB · (firm|sound|thin|lost)$/);
    await page.mouse.click(kitchen.x + kitchen.width * 0.85, kitchen.y + kitchen.height * 0.75);
    await expect(page.getByRole('heading', { name: /^Where you touched: −?\d+ dB · / })).toBeVisible();
    await expect(page.getByText('Spine wall of the hall')).toBeVisible();
    await expect(page).toHaveURL(/touch%3A/);
    await page.goBack();
    await expect(page.getByRole('heading', { name: /^Where you touched/ })).toBeHidden();
});

test('a hub is dragged to be tried, and stays where it is until it is moved', async ({ page }) => {
    await page.goto(`${JOB}/survey?lens=radio&storey=ground`);
    await drag(page, page.locator('.plan .p-hub'), -11, 3);
    await expect(page.getByRole('heading', { name: 'The hub may stand in either place' })).toBeVisible();
    await expect(page.getByText('At the place you try')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Leave it where it is' }).click();
    await expect(page.getByRole('heading', { name: 'The hub stands well' })).toBeVisible();

    // Another place from the list, moved there and taken back.
    await page.getByRole('link', { name: /^Hall, socket/ }).click();
    await page.getByRole('button', { name: /^Move it there/ }).click();
    await expect(page.getByText(/^plan version/)).toBeVisible();
    await expect(page.locator('.p-trial')).toHaveCount(0);
    await page.getByRole('link', { name: 'Rooms' }).click();
    await expect(page.getByText('Last: moved Hub.')).toBeVisible();
    await page.getByRole('button', { name: 'Take back' }).click();
    await expect(page.getByText('Last: moved Hub.')).toBeHidden();
});

test('the keyboard tries a place too', async ({ page }) => {
    await page.goto(`${JOB}/survey?lens=radio&storey=ground`);
    await page.getByText('Try a place by numbers').focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Hub at x,y in metres').focus();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('zigbee hub:4.0,5.5');
    await page.keyboard.press('Enter');
    await expect(page.getByText('At the place you try')).toBeVisible();
});
