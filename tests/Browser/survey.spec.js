import { expect, test } from '@playwright/test';
import { expectAccessible, signIn, stored } from './bench.js';
import { drawn, emptyJob } from './rooms.js';

// The same day twice: with a pointer, and with nothing but keys.
const type = async (page, one, text, begin) => {
    await begin(one);
    await page.keyboard.press('Control+A');
    await page.keyboard.type(text);
};
const POINTER = {
    press: (one) => one.click(),
    fill: (page, one, text) => type(page, one, text, (field) => field.click()),
    choose: (page, one, label) => one.selectOption({ label }),
};
const KEYS = {
    press: async (one) => {
        await one.focus();
        await one.press('Enter');
    },
    fill: (page, one, text) => type(page, one, text, (field) => field.focus()),
    choose: async (page, one, label) => {
        await one.focus();
        await page.keyboard.type(label);
        await expect(one.locator('option:checked')).toHaveText(label);
    },
};

const STOREYS = {
    'Ground floor': ['kitchen 4 x 4', 'hall 2 x 4', 'living room 6 x 4', 'workshop 9 x 4'],
    'First floor': ['bedroom 4 x 4', 'landing 2 x 4', 'bathroom 3 x 4', 'study 5 x 4'],
};
const SOCKETS = ['1', '5', '9', '11.5'];

test.use({ actionTimeout: 30_000 });

test.beforeEach(async ({ page }) => signIn(page));

for (const [means, hand] of [['a pointer', POINTER], ['the keyboard alone', KEYS]]) {
    test(`an empty job becomes a surveyed house with ${means}`, async ({ page }) => {
        test.setTimeout(300_000);
        // A big button that has just come takes no touch for half a second: it is there first, and then it has settled.
        const press = async (one) => {
            await one.waitFor();
            await page.waitForFunction(() => !document.querySelector('.big.settling'));
            await hand.press(one);
        };
        const button = (name) => page.getByRole('button', { name });
        const link = (name) => page.getByRole('link', { name, exact: true }).first();
        const allRooms = async () => {
            await press(link('Rooms'));
            await expect(page).not.toHaveURL(/at=/);
            await expect(page.locator('#add-point')).not.toHaveAttribute('open');
        };
        await emptyJob(page, 'Curlew Croft');

        await test.step('eight rooms on two storeys, of concrete, with sockets', async () => {
            await press(page.getByText('This storey:'));
            for (const walls of ['Outer walls', 'Walls between rooms']) {
                await hand.choose(page, page.locator('#storey').getByLabel(walls), 'Concrete 200 mm');
            }
            await drawn(page, () => press(button('Save the storey')));
            for (const [storey, rooms] of Object.entries(STOREYS)) {
                if (storey !== 'Ground floor') {
                    await press(page.getByText('Add a storey'));
                    await hand.fill(page, page.locator('#add-storey').getByLabel('Name'), storey);
                    await drawn(page, () => press(button('Add the storey')));
                    await press(page.locator('.stage-bar').getByRole('link', { name: storey }));
                    await expect(page.getByText(`${storey}, 0 rooms`)).toBeVisible();
                }
                for (const room of rooms) {
                    await hand.fill(page, page.getByLabel('Room, width x depth'), room);
                    await drawn(page, () => press(button('Add the room')));
                }
                await allRooms();
                await expect(page.getByText(`${storey}, 4 rooms`)).toBeVisible();
                for (const x of storey === 'Ground floor' ? SOCKETS : []) {
                    await press(page.getByText('Add a point'));
                    const form = page.locator('#add-point');
                    await hand.fill(page, form.getByLabel('x, m'), x);
                    await hand.fill(page, form.getByLabel('y, m'), '0.4');
                    await drawn(page, () => press(button('Add the point')));
                    await allRooms();
                }
            }
            await expectAccessible(page);
        });

        await test.step('what is wanted becomes devices', async () => {
            await press(link('Wants'));
            await press(page.getByRole('link', { name: /^Comfort/ }));
            for (const room of ['Workshop', 'Study', 'Living room']) {
                await stored(page, () => press(button(new RegExp(`^${room}: know the temperature`))));
            }
            await press(button('Plan all 3'));
            await expect(page.getByRole('heading', { name: 'Every want has its device' })).toBeVisible();
        });

        await test.step('a hub is put, moved, and handed on by a relay', async () => {
            await press(link('Devices'));
            await expect(page.getByRole('heading', { name: 'Put a hub on the plan' })).toBeVisible();
            await hand.choose(page, page.getByLabel('stands in'), 'Bedroom');
            await press(button('Put it there'));
            await expect(page.getByText('Hub is on the plan.')).toBeVisible();
            await press(link('Radio'));
            await press(page.getByText('Try a place by numbers'));
            await hand.fill(page, page.getByLabel('Hub at x,y in metres'), 'zigbee hub:2,2');
            await press(button('Try it'));
            await expect(page.getByText('At the place you try')).toBeVisible();
            await press(button(/^Move it there/));
            await expect(page.locator('.p-trial')).toHaveCount(0);
            await press(page.getByRole('link', { name: 'Work out the fewest' }));
            await press(button('Add it').first());
            await expect(page.getByRole('heading', { name: 'The hub stands well' })).toBeVisible();
            await expectAccessible(page);
        });

        await test.step('a channel is chosen beside what was heard', async () => {
            await press(link('Channels'));
            await expect(page.getByRole('heading', { name: 'Say what the hub speaks' })).toBeVisible();
            await page.getByLabel('Zigbee').press('Space');
            await press(button('Write it down'));
            await expect(page.getByRole('heading', { name: 'Listen for Wi-Fi' })).toBeVisible();
            await hand.fill(page, page.getByLabel('Name'), 'Gull');
            await hand.fill(page, page.getByLabel('Channel', { exact: true }), '6');
            await hand.fill(page, page.getByLabel('dBm'), '-50');
            await press(button('Note it'));
            await expect(page.getByRole('heading', { name: /^Take channel \d+$/ })).toBeVisible();
            await press(button(/^Choose channel/).first());
            await expect(page.getByRole('heading', { name: /^Keep channel \d+$/ })).toBeVisible();
        });

        await test.step('and it stands', async () => {
            await page.reload();
            await press(link('Rooms'));
            await expect(page.getByText(/^plan version \d+$/)).toBeVisible();
            await expect(page.getByText('Last: added the device', { exact: false })).toBeVisible();
        });
    });
}
