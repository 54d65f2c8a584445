import { expect, test } from '@playwright/test';
import { expectAccessible, signIn } from './bench.js';

test.beforeEach(async ({ page }) => signIn(page));

test('a channel is chosen beside what was heard, and stands', async ({ page }) => {
    await page.goto('/jobs/calico-court/survey?lens=channels');
    await expect(page.locator('.band .b-channel')).toHaveCount(16);
    await expect(page.getByRole('heading', { name: /^(Take|Keep|Change to) channel \d+$/ })).toBeVisible();
    await expectAccessible(page);

    await page.getByText('Note a network').click();
    await page.getByLabel('Name').fill('Gull');
    await page.getByLabel('Channel', { exact: true }).fill('13');
    await page.getByLabel('dBm').fill('-40');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('Heard, 12')).toBeVisible();
    // A loud neighbour on 13: what was the quietest is so no more.
    await expect(page.getByRole('heading', { name: 'Take channel 15' })).toBeVisible();
    await page.getByRole('button', { name: 'Choose channel 15' }).first().click();
    await expect(page.getByRole('heading', { name: 'Keep channel 15' })).toBeVisible();
    await expect(page.locator('.band .b-channel.is-now')).toHaveCount(1);
    await page.getByRole('button', { name: 'Take Gull off' }).click();
    await expect(page.getByRole('heading', { name: 'Change to channel 25' })).toBeVisible();
    await expectAccessible(page);
});
