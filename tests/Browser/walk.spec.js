import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { expectAccessible, JOB, openHands, signIn } from './bench.js';

test.describe.configure({ mode: 'serial' });

test('a day with it: from sign-in to the printed pack', async ({ page, context }) => {
    test.setTimeout(360_000);
    await page.goto('/');
    await expectAccessible(page);
    await signIn(page);
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Go to work at Lantern House' }).click();

    await test.step('pair the device that the order names', async () => {
        await expect(page.getByRole('heading', { name: 'Pair the ceiling relay' })).toBeVisible();
        await expect(page.getByText('8 devices reach the hub through this one')).toBeVisible();
        await expectAccessible(page);
        await page.getByRole('button', { name: /Open the (join|next) window/ }).click();
        await expect(page.locator('.steps [data-seconds-left]')).toHaveText(/^[34]:\d\d left$/);
        const hands = await openHands(context, 'hall-relay');
        await hands.getByRole('button', { name: 'Press 3 times' }).click();
        await page.bringToFront();
        await page.getByRole('button', { name: 'It blinks' }).click();
        await expect(page.getByRole('heading', { name: 'Is this the ceiling relay?' })).toBeVisible();
        await expectAccessible(page);
        await page.getByRole('button', { name: 'Yes, the ceiling relay' }).click();
        await expect(page.getByRole('link', { name: 'Ceiling relay, in, not proved' })).toBeVisible();
        await expect(page.getByRole('heading', { name: 'Pair the ceiling relay' })).toBeHidden();
        await hands.close();
    });

    await test.step('name it', async () => {
        await page.goto(`${JOB}/name?next=hall-relay`);
        await expect(page.getByLabel('Name, by the pattern of this job')).toHaveValue('Hall ceiling relay');
        await expectAccessible(page);
        await page.getByLabel('Name, by the pattern of this job').fill('Chart room ceiling dimmer');
        await page.getByRole('button', { name: 'That is its name' }).click();
        await expect(page.getByRole('alert')).toContainText('already the name of the ceiling dimmer in the chart room');
        await expect(page.getByLabel('Name, by the pattern of this job')).toHaveValue('Chart room ceiling dimmer');
        await page.getByRole('button', { name: 'Close' }).click();
        await page.getByLabel('Name, by the pattern of this job').fill('Hall ceiling relay');
        await page.getByRole('button', { name: 'That is its name' }).click();
        await page.goto(`${JOB}/survey?slot=hall-relay`);
        await expect(page.getByRole('row', { name: 'Name Hall ceiling relay', exact: true })).toBeVisible();
    });

    await test.step('prove it from the hub', async () => {
        await page.getByRole('button', { name: 'It works by hand' }).click();
        await expect(page.locator('.rung', { hasText: 'By hand' })).toContainText('shown');
        await page.getByRole('button', { name: 'Switch it from the hub' }).click();
        await expect(page.locator('.rung', { hasText: 'Hub' })).toContainText('shown');
    });

    await test.step('check the mesh', async () => {
        await page.goto(`${JOB}/mesh`);
        await expectAccessible(page);
        await page.getByRole('button', { name: /^Read the mesh/ }).click();
        await expect(page.getByRole('heading', { name: 'What the reading says' })).toBeVisible({ timeout: 30_000 });
        await expect(page.getByText(/\d+ devices, \d+ links/)).toBeVisible();
        await expectAccessible(page);
    });

    await test.step('put the relay where it helps, from the van', async () => {
        await expect(page.getByRole('heading', { name: 'Put a relay in the pantry' })).toBeVisible();
        await page.getByRole('button', { name: 'Add it to the work' }).click();
        await expect(page.getByRole('heading', { name: 'Pair the socket relay plug' })).toBeVisible();
        await page.getByRole('button', { name: /Open the (join|next) window/ }).click();
        await expect(page.locator('.steps [data-seconds-left]')).toHaveText(/^[34]:\d\d left$/);
        const hands = await openHands(context, 'van-relay-1');
        await hands.getByLabel('Plug it in at').selectOption('Pantry, socket 1');
        await hands.getByRole('button', { name: 'Plug it in', exact: true }).first().click();
        await expect(hands.getByRole('heading', { name: 'It is plugged in' })).toBeVisible();
        await hands.getByRole('button', { name: 'Hold 4 s' }).click();
        await page.bringToFront();
        await page.getByRole('button', { name: 'Yes, the socket relay plug' }).click();
        await expect(page.getByRole('heading', { name: 'Is this the socket relay plug?' })).toBeHidden();
        await hands.close();
        await page.goto(`${JOB}/mesh`);
        await expect(page.getByRole('heading', { name: 'Read the mesh again' })).toBeVisible();
        await expect(page.locator('.side')).toContainText('came in');
        await expect(page.getByRole('button', { name: 'Add it to the work' })).toHaveCount(0);
        await page.getByRole('button', { name: 'Read the mesh again' }).click();
        const remedies = page.locator('.remedies');
        await expect(remedies).not.toContainText('Freezer probe', { timeout: 30_000 });
        await expect(remedies).toContainText('Bench plug');
    });

    await test.step('settle the snags and issue the pack', async () => {
        await page.goto(`${JOB}/hand-over`);
        await expectAccessible(page);
        const settle = page.getByRole('heading', { name: /^Settle/ });
        while (await settle.isVisible()) {
            const snag = await page.locator('.side .note strong').textContent();
            await page.getByRole('button', { name: 'The client accepts it' }).click();
            await expect(page.locator('.side .note', { hasText: snag })).toHaveCount(0);
        }
        const opened = page.getByRole('heading', { name: 'Close what was opened for the work' });
        await expect(opened.or(page.getByRole('heading', { name: 'Make pack 1' }))).toBeVisible();
        while (await opened.isVisible()) {
            const what = await page.locator('.side .note strong').first().textContent();
            await page.getByRole('button', { name: 'It is closed' }).first().click();
            await expect(page.locator('.side .note', { hasText: what })).toHaveCount(0);
        }
        await page.getByRole('button', { name: 'Make pack 1' }).click();
        await expect(page.getByRole('link', { name: /Open the PDF/ })).toBeVisible({ timeout: 60_000 });
        await expectAccessible(page);
        const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: /Open the PDF/ }).click()]);
        const text = execFileSync('pdftotext', ['-layout', await download.path(), '-'], { encoding: 'utf8' });
        expect(text).toContain('Lantern House');
        expect(text).toContain('Handover pack 1');
        expect(text).toContain('Hall ceiling relay');
        expect(text).toContain('Odile Harrow');
        expect(text).toContain('CR2032');
        expect(text).toContain('What not to unplug');
        expect(text).not.toContain('30412-05573');
        const sum = execFileSync('sha256sum', [await download.path()], { encoding: 'utf8' }).slice(0, 64);
        await expect(page.getByTitle('SHA-256')).toHaveText(sum);
    });

    await test.step('everything is in the logbook', async () => {
        await page.keyboard.press('l');
        const log = page.getByRole('dialog', { name: 'Logbook' });
        for (const line of [
            'Opened the join window for the ceiling relay.', 'Named the ceiling relay “Hall ceiling relay”.', 'Odile Harrow accepts:',
            'Issued pack 1, SHA-256',
        ]) {
            await expect(log.getByText(line).first()).toBeVisible();
        }
        await expectAccessible(page);
        await page.keyboard.press('Escape');
        await expect(log).toBeHidden();
    });
});
