import { expect, test } from '@playwright/test';
import { addByCode, expectAccessible, handle, JOB, openHands, phone, putHouseBack, signIn, stored } from './bench.js';

test.describe.configure({ mode: 'serial' });
test.beforeAll(putHouseBack);
test.afterAll(putHouseBack);
test.beforeEach(async ({ page }) => signIn(page));

const card = (page) => page.locator('#move');
const big = (page) => page.locator('#big');

/** Touches the one big button, which says these words, once it is ready. */
async function touch(page, words) {
    await expect(big(page)).toHaveText(words);
    await stored(page, () => big(page).click());
}

test('the three ways differ over the same devices, and the page says how', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await expect(card(page)).toContainText('Choose by which paths');
    await expect(page.locator('svg.paths')).toBeVisible();
    await expect(page.locator('.b-lost.is-wanted')).toHaveText(['tilt', 'siren']);
    await expectAccessible(page);

    await page.getByRole('link', { name: 'Every function' }).click();
    await expect(card(page)).toContainText('Chart room desk socket, Wicket: cloud account; stops with the internet; keeps watts.');
    await expect(page.locator('.bridge-top')).toContainText('31 wants, 29 met, 2 over a cloud');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Fewest boxes' }).click();
    await expect(card(page)).toContainText('Washroom wall towel rail, Wicket: cloud account');
    await page.getByRole('navigation', { name: 'By which paths' }).getByRole('link', { name: 'Local first' }).click();
    await touch(page, 'Take it');
    await expect(card(page)).toContainText('Bring the Export box');
});

test('a second person who chose meanwhile is told, and not overwritten', async ({ page, browser }) => {
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    await other.goto(`${JOB}/bridge?show=fewest-boxes&at=policies`);
    await page.goto(`${JOB}/bridge?show=every-function&at=policies`);
    await touch(page, 'Take it');
    await expect(page.locator('.bridge-top [aria-current]')).toHaveText('Every function');
    await other.bringToFront();
    await stored(other, () => other.getByRole('button', { name: 'Take it' }).click());
    await expect(other.getByText('Somebody chose meanwhile: it is “Every function” now')).toBeVisible();
    await other.close();
    await page.goto(`${JOB}/bridge?show=local-first&at=policies`);
    await touch(page, 'Take it');
});

test('a path is followed hop by hop, and what is lost stands where it falls', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await page.getByRole('link', { name: 'Landing wall siren' }).click();
    await expect(card(page)).toContainText('To Wicket');
    await expect(card(page).locator('.losses .is-wanted')).toContainText('The standard has no word for siren');
    await page.getByRole('link', { name: 'Store yard door lock' }).click();
    await expect(card(page)).toContainText('30 ms beside its own radio');
    await expect(card(page)).toContainText('it goes on');
    await page.goBack();
    await expect(card(page)).toContainText('To Wicket');
    await page.getByRole('link', { name: '← Back to the move' }).click();
    await expect(card(page)).toContainText('Bring the Export box');
});

test('what is missing is bought, and the client is told what will not work', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await touch(page, 'It is there now');
    await expect(card(page)).toContainText('Tell Odile Harrow what will not work');
    await expect(card(page)).toContainText('Landing wall siren, Wicket');
    await expect(card(page)).toContainText('Tansy does not know tilt.');
    await stored(page, () => page.getByRole('button', { name: 'Show its tilt as open and close' }).click());
    await expect(card(page)).not.toContainText('Tansy does not know tilt.');
    await touch(page, 'It is said');
});

test('what is not known there is measured at both ends, and the hub shows it as open and close', async ({ page, browser }) => {
    await page.goto(`${JOB}/bridge`);
    await expect(page.locator('#move h2')).toHaveText('Turn its slats fully open');
    await expectAccessible(page);
    await touch(page, 'Drive it open');
    await expect(page.locator('#move h2')).toHaveText('It is being driven open');
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    await other.goto(`${JOB}/bridge`);
    await expect(other.locator('#move h2')).toHaveText('Turn its slats fully closed');
    await expect(other.locator('#move .over')).toContainText('1 of 6');
    await page.reload();
    await touch(other, 'Drive it closed');
    await other.close();
    await expect(page.locator('#move .over')).toContainText('2 of 6');
    await expect(page.locator('#move h2')).toHaveText('Turn its slats fully open');
    await card(page).getByText('Read it off by hand').click();
    await card(page).getByLabel('and says, %').fill('9.3');
    await stored(page, () => card(page).getByRole('button', { name: 'Note it' }).click());
    await expect(page.locator('#move .over')).toContainText('3 of 6');
    await card(page).getByText('Otherwise').click();
    await stored(page, () => card(page).getByRole('button', { name: 'Take back “open, 9.3 %”' }).click());
    await expect(page.locator('#move .over')).toContainText('2 of 6');
    for (const end of ['open', 'closed', 'open', 'closed']) {
        await touch(page, `Drive it ${end}`);
    }
    await expect(page.locator('#move h2')).toHaveText('Have it shown as open and close');
    await expect(card(page).locator('.ends svg')).toHaveAccessibleName(/open from 8\d % up, closed from [78]\d % down/);
    await expectAccessible(page);
    await touch(page, 'Have Hub make it');
    await expect(card(page)).toContainText('Hub to Tansy, Matter bridge');
    await page.getByRole('link', { name: 'Chart room window blind', exact: true }).click();
    await expect(card(page)).toContainText('To Tansy, as open and close');
    await expect(card(page)).toContainText(/Hub: open from 8\d % up/);
    await page.getByRole('link', { name: 'What was measured' }).click();
    await expect(page.locator('#move h2')).toHaveText('It shows as open and close');
    await expectAccessible(page);
});

test('a link is made act by act, the hub and the ecosystem do and tell what they can, and it grows a rung', async ({ page }) => {
    await page.goto(`${JOB}/bridge`);
    await page.getByRole('link', { name: 'Hub to Tansy, Matter bridge' }).click();
    await expect(page.locator('#move .over')).toContainText('Hub to Tansy, Matter bridge');
    await expect(card(page)).toContainText('there under a code');
    await stored(page, () => page.getByRole('button', { name: 'Link all the same' }).click());
    await expect(card(page)).toContainText('The 4 that are shown');
    await expectAccessible(page);
    await touch(page, 'Have Hub show these');
    await expect(page.locator('#move h2')).toHaveText('Switch the export on, on the page of the hub');
    await phone(page, { act: 'switch-on', box: 'hub-box', form: 'matter-bridge' });
    await touch(page, 'It is on');
    await expect(page.getByLabel('Who signed in')).toHaveValue('Odile Harrow');
    await touch(page, 'Signed in');
    await phone(page, { act: 'sign-in', of: 'voice', by: 'Odile Harrow' });
    await touch(page, 'Open it on Hub');
    await expect(page.locator('.share-code svg')).toBeVisible();
    await expect(card(page).locator('[data-seconds-left]')).toHaveText(/1[45]:\d\d left/);
    await expect(page.locator('.line')).toContainText('2 temporary');
    await expectAccessible(page);

    await page.reload();
    await expect(page.locator('.share-code svg')).toBeVisible();
    await addByCode(page, 'voice', 'hub-box');
    await touch(page, 'It took the code');
    await expect(page.locator('.line')).toContainText('1 temporary');
    await touch(page, 'Go on');
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await touch(page, 'Read what Tansy shows');
    await expect(page.locator('.b-cable.is-linked').first()).toBeAttached();
    await expect(page.locator('#move h2')).toHaveText('Set 3 names and 3 rooms there');
    await expectAccessible(page);
});

test('names and rooms are set in the ecosystem and read there, and then it is proved', async ({ page }) => {
    await page.goto(`${JOB}/bridge?lens=names`);
    const row = page.getByRole('row', { name: /^Chart room ceiling dimmer/ });
    await expect(row.locator('.is-wrong').first()).toHaveText('Chart room ceiling dimmer');
    await expectAccessible(page);
    await touch(page, 'Set them over the link');
    await expect(page.locator('#move h2')).toHaveText('Say: “open the chart room window blind slats”');
    await touch(page, 'It does');
    await expect(page.locator('#move h2')).toHaveText('Say: “set the chart room ceiling dimmer to 30 percent”');
    await touch(page, 'It does');
    await expect(card(page)).toContainText('2 of 4 linked are proved');
    await page.goto(`${JOB}/bridge?lens=names`);
    await expect(row.locator('td').first()).toContainText('Ceiling dimmer');
    await expect(row.locator('td').first().locator('.is-wrong')).toHaveCount(0);
    await page.goto(`${JOB}/pair?slot=chart-dimmer`);
    await expect(page.locator('.ladder')).toContainText('Tansy');
    await page.locator('#edit-slot summary').click();
    await expect(page.locator('#edit-slot')).toContainText('It shows in Tansy. Before it goes:');
    await expect(page.locator('#edit-slot')).toContainText('Do not delete it in Tansy. Take it out of the list of what Hub shows');
    await expect(page.locator('#edit-slot')).toContainText('it takes 3 others along');
    await expect(page.locator('#edit-slot')).not.toContainText('Sillboard');
    await expect(page.getByRole('button', { name: 'Take its device away all the same' })).toBeVisible();
    await expectAccessible(page);
});

test('a key that the hub made goes through the store to the other box', async ({ page }) => {
    await phone(page, { act: 'set-up', box: 'export-box' });
    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+hub-link+to+box+export-box`);
    await expect(page.locator('#move .over')).toContainText('Hub to Export box, hub link');
    await touch(page, 'It is on');
    await touch(page, 'Have Hub make it');
    await expect(big(page)).toHaveText('The key is over there');
    await stored(page, () => page.getByRole('button', { name: 'Show the key' }).click());
    const key = await page.locator('#secret').textContent();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('body')).not.toContainText(key.trim());
    await phone(page, { act: 'enter-key', box: 'export-box', key: key.trim() });
    await touch(page, 'The key is over there');
    await expect(page.locator('#move .over')).not.toContainText('hub link');
});

test('what came in by two paths shows twice, and the second is taken out where it came in', async ({ page }) => {
    await phone(page, { act: 'open-window', box: 'export-box' });
    await addByCode(page, 'voice', 'export-box');
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await page.goto(`${JOB}/bridge?lens=boxes&at=ecosystem+voice`);
    await stored(page, () => page.getByRole('button', { name: 'Read it now' }).click());
    await page.goto(`${JOB}/bridge`);
    await expect(page.locator('#move h2')).toHaveText('4 devices show there twice, 15 should not show there');
    await expect(card(page)).toContainText('Do not delete them in Tansy: that takes the whole bridge away, with all behind it.');
    await expect(card(page).locator('.twin').first()).toContainText('keep');
    await expectAccessible(page);
    await touch(page, 'Have Export box take them out');
    await expect(card(page)).not.toContainText('twice');
    await expect(card(page)).toContainText('of 4 linked are proved');
});

test('a device is tried from all sides, and everybody sees it in time', async ({ page }) => {
    await page.goto(`${JOB}/bridge?at=cross+chart-dimmer`);
    await expect(card(page)).toContainText('It is switched 10 times from Tansy, and looked at in each.');
    await touch(page, 'Try it');
    await expect(page.locator('#move h2')).toHaveText('It is being tried');
    await expectAccessible(page);
    await expect(page.locator('#move h2')).toHaveText('Everybody sees it in time', { timeout: 90_000 });
    await expect(page.getByRole('row', { name: /^Tansy/ })).toContainText('worst 0.');
    await expectAccessible(page);
});

test('an ecosystem that does not answer says so, and its acts are done by hand', async ({ page }) => {
    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+driver+to+ecosystem+panel`);
    await touch(page, 'Their names are right');
    await handle(page.request, '', { do: 'unplug' });
    await touch(page, 'Have Hub show these');
    await expect(card(page).getByRole('alert')).toContainText('does not answer');
    await expect(big(page)).toHaveText('Try it once more');
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: 'These and no others' }).click());
    await expect(page.locator('#move h2')).toHaveText('Switch the local interface on, on the page of the hub');
    await handle(page.request, '', { do: 'plug-in' });
});

test('the panel comes in by its driver, the phone by the export, and a blind by a share of its own', async ({ page }) => {
    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+driver+to+ecosystem+panel`);
    await phone(page, { act: 'switch-on', box: 'hub-box', form: 'driver' });
    await touch(page, 'It is on');
    await phone(page, { act: 'switch-on', of: 'panel', form: 'driver' });
    await touch(page, 'It is on');
    await touch(page, 'Have Hub make it');
    await expect(big(page)).toHaveText('The key is over there');
    await stored(page, () => page.getByRole('button', { name: 'Show the key' }).click());
    const key = await page.locator('#secret').textContent();
    await page.getByRole('button', { name: 'Close' }).click();
    await phone(page, { act: 'enter-key', of: 'panel', key: key.trim() });
    await touch(page, 'The key is over there');
    await phone(page, { act: 'discover', of: 'panel' });
    await touch(page, 'It found something');
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await touch(page, 'Read what Sillboard shows');
    await expect(page.locator('#move .over')).not.toContainText('driver');

    await page.goto(`${JOB}/bridge?at=link+of+chart-blind+as+matter+to+ecosystem+voice`);
    await expect(page.locator('#move .over')).toContainText('Chart room window blind to Tansy, Matter share');
    await stored(page, () => page.getByRole('button', { name: 'Link all the same' }).click());
    await touch(page, 'Signed in');
    await expect(page.locator('#move h2')).toHaveText('Open the sharing window of the chart room window blind');
    await touch(page, 'Open it on Hub');
    await expect(page.locator('.share-code svg')).toBeVisible();
    await expectAccessible(page);
    await addByCode(page, 'voice', 'hub-box');
    await touch(page, 'It took the code');
    await touch(page, 'Go on');
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await touch(page, 'Read what Tansy shows');
    await expect(page.locator('#move .over')).not.toContainText('Matter share');

    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+matter-bridge+to+ecosystem+phone`);
    await stored(page, () => page.getByRole('button', { name: /Link all the same|Their names are right/ }).click());
    await touch(page, 'Have Hub show these');
    await touch(page, 'It is on');
    await phone(page, { act: 'sign-in', of: 'phone', by: 'Odile Harrow' });
    await touch(page, 'Signed in');
    await touch(page, 'Open it on Hub');
    await expect(page.locator('.share-code svg')).toBeVisible();
    await addByCode(page, 'phone', 'hub-box');
    await touch(page, 'It took the code');
    await touch(page, 'Go on');
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await touch(page, 'Read what Wicket shows');
    await expect(page.locator('#move .over')).not.toContainText('Hub to Wicket, Matter bridge');
    await page.goto(`${JOB}/bridge?lens=boxes`);
    for (const name of ['Tansy', 'Wicket', 'Sillboard']) {
        await expect(page.getByRole('link', { name: new RegExp(`^${name}`) }).first()).toBeVisible();
    }
});

test('without the internet the table and the plan say what goes on', async ({ page }) => {
    await page.goto(`${JOB}/bridge?lens=outage`);
    const row = (name) => page.getByRole('row', { name: new RegExp(`^${name}`) });
    await expect(row('The internet')).toContainText('stands still');
    await expect(row('The internet')).toContainText('1 of 9 stops');
    await expect(row('The internet')).toContainText('goes on');
    await expect(row('Hub').first()).toContainText('all of 6 stop');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'See it on the plan' }).click();
    await expect(page.locator('.plan')).toContainText('not from Tansy');
    await expectAccessible(page);
});

test('another device in a slot is linked anew, with the hub unplugged in the middle and a second person who goes on', async ({
    page, context, browser,
}) => {
    await page.goto(`${JOB}/name?slot=store-contact`);
    await page.locator('#replace summary').click();
    await expect(page.locator('#replace')).toContainText('Into Sillboard again');
    await page.locator('#replace select[name=reason]').selectOption('dead');
    await stored(page, () => page.getByRole('button', { name: 'Replace it' }).click());
    await page.goto(`${JOB}/pair?next=store-contact`);
    await expect(big(page)).toHaveText(/^Open the/);
    await stored(page, () => big(page).click());
    const hands = await openHands(context, 'van-contact');
    await hands.getByRole('button', { name: 'Carry it to the hub' }).click();
    await hands.getByRole('button', { name: 'Pull the battery tab' }).click();
    await hands.getByRole('button', { name: 'Press once' }).click();
    await hands.close();
    await page.bringToFront();
    await touch(page, 'Yes, the yard door contact');

    await page.goto(`${JOB}/bridge?at=link+from+hub-box+as+driver+to+ecosystem+panel`);
    await expect(card(page)).toContainText('does not carry yet: store yard door contact, another device since.');
    await expectAccessible(page);
    await stored(page, () => page.getByRole('button', { name: /Link all the same|Their names are right/ }).click());
    await handle(page.request, '', { do: 'unplug' });
    await touch(page, 'Have Hub show these');
    await expect(card(page).getByRole('alert')).toContainText('does not answer');
    await handle(page.request, '', { do: 'plug-in' });

    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'idris');
    await other.goto(`${JOB}/bridge?at=link+from+hub-box+as+driver+to+ecosystem+panel`);
    await touch(other, 'Try it once more');
    await expect(big(other)).toHaveText('Read what Sillboard shows');
    await other.close();
    await handle(page.request, '', { do: 'advance', seconds: '60' });
    await touch(page, 'Read what Sillboard shows');
    await expect(page.locator('#move .over')).not.toContainText('driver');
    await page.goto(`${JOB}/name?slot=store-contact`);
    await expect(card(page)).toContainText('Into Sillboard again, done');
    await expect(page.locator('.ladder')).toContainText('Sillboard');
});

test('an ecosystem and a box are noted, changed and taken back', async ({ page }) => {
    await page.goto(`${JOB}/bridge?lens=boxes`);
    await page.getByRole('link', { name: 'Note an ecosystem' }).click();
    await page.getByLabel('What the client calls it').fill('Kitchen speaker');
    await expectAccessible(page);
    await touch(page, 'Note it');
    await expect(page.getByRole('heading', { name: 'Kitchen speaker' })).toBeVisible();
    await page.getByText('Change it').click();
    await page.getByLabel('Release that it shows').fill('soon');
    await stored(page, () => page.getByRole('button', { name: 'Save it' }).click());
    await expect(page.getByText('“soon” is no release')).toBeVisible();
    await stored(page, () => page.getByRole('button', { name: 'The client does not have it' }).click());
    await expect(page.getByRole('link', { name: /Kitchen speaker/ })).toHaveCount(0);
});

test('a lead puts a sheet of the catalogue right', async ({ page }) => {
    await page.goto('/catalogue');
    await page.getByRole('link', { name: /Own hub/ }).click();
    await expect(page.getByRole('heading', { name: /Own hub/ })).toBeVisible();
    await page.getByText('Put this entry right').click();
    await expectAccessible(page);
    await page.getByLabel('To link, one act a line').fill('over matter-bridge\ndance: on the table');
    await stored(page, () => page.getByRole('button', { name: 'Save the entry' }).click());
    await expect(page.getByText('is no act')).toBeVisible();
});
