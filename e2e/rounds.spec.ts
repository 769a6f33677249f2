import ICAL from 'ical.js';
import type { Browser, Page, Route } from '@playwright/test';
import { expect, pageAs, PASSWORD, test } from './as';
import { callOut, dayFor, dueJob, giveTo, nextMonday, ownPlace, post, propose, visitFor, type OwnPlace } from './own';
import { at, crew, person } from './world';

const SIZES = { desktop: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };

/** Gives a visit that waits to the north van by keyboard, after reading what that would do. */
async function toNorthVan(page: Page, place: OwnPlace, visit: number) {
    const on = await dayFor(page, visit, await crew(page, 'North van'));
    await page.goto(`/rounds?week=${nextMonday()}`);
    await page.getByRole('button', { name: `${place.name}: give it a place` }).focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('region', { name: 'What moving it would do' });
    await expect(panel).toBeVisible();
    await expect(panel.getByLabel('Crew')).toBeFocused();
    await panel.getByLabel('Crew').selectOption({ label: 'North van' });
    await panel.getByLabel('Day').selectOption(on);
    await expect(panel.getByText('Working it out…')).toHaveCount(0);
    await expect(panel.locator('.says')).toContainText(
        /\d\s(min|d|day|days|h|L)\b|Nothing else moves|Another technician/,
    );
    await panel.getByRole('button', { name: 'Move it' }).click();
    await expect(page.getByText(/^Moved, and promised/)).toBeVisible();
}

async function northVan(browser: Browser, size: keyof typeof SIZES) {
    return pageAs(browser, 'technician', { viewport: SIZES[size], hasTouch: size === 'phone' });
}

/** Presses until none is left; each press takes its own button away. */
async function pressAll(page: Page, buttons: string) {
    for (let n = 0; n < 20 && (await page.locator(buttons).count()); n++) {
        const left = await page.locator(buttons).count();
        await page.locator(buttons).first().click();
        await expect.poll(() => page.locator(buttons).count()).toBeLessThan(left);
    }
}

/** The job that is open: what it switches off, what it holds for, and that it is done. */
async function doJob(page: Page, name: RegExp) {
    await page.locator('.jobs').getByRole('button', { name }).click();
    await pressAll(page, '.offbtn:enabled');
    for (const hold of await page.locator('.jobs li.now .step:has(.holdword) input').all()) await hold.check();
    const before = await page.locator('.jobs li.did').count();
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(page.locator('.jobs li.did')).toHaveCount(before + 1);
}

async function work(page: Page) {
    await page.getByRole('button', { name: 'I am here: begin' }).click();
    await page
        .getByRole('region', { name: 'Readings' })
        .getByRole('button', { name: /Alkalinity/ })
        .first()
        .click();
    for (const key of ['7', '.', '1']) await page.getByRole('button', { name: key, exact: true }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(/Alkalinity 7\.1\sdKH: /)).toBeVisible();
    await doJob(page, /Skimmer cup/);
    await doJob(page, /Look at the seam/);
    await page.getByRole('button', { name: 'Leave safely' }).click();
    const sheet = page.getByRole('dialog', { name: 'Before you leave' });
    await expect(sheet.getByRole('button', { name: 'Close the visit' })).toBeDisabled();
    await expect(sheet.getByText('Still off')).toBeVisible();
    await sheet.getByRole('button', { name: 'Close', exact: true }).click();
    await expect(sheet).toBeHidden();
    const line = page.getByRole('region', { name: 'Switched off' });
    await line.getByRole('button', { name: /^Off: / }).click();
    await pressAll(page, '.offline li button');
    await expect(line).toHaveCount(0);
    await page.getByRole('button', { name: 'Leave safely' }).click();
    // The sheet comes in with a movement: its list is read only when it stands there whole.
    await expect(sheet.getByText('Still off')).toHaveCount(0);
    await expect(sheet.getByRole('checkbox')).toHaveCount(6);
    for (const tick of await sheet.getByRole('checkbox').all()) await tick.check();
    await sheet.getByRole('button', { name: 'Close the visit' }).click();
    await expect(page.getByText('Closed.', { exact: true })).toBeVisible();
}

for (const size of ['desktop', 'phone'] as const) {
    test(`from the due list to the client’s report, ${size}`, async ({ browser }) => {
        const planner = await pageAs(browser, 'planner', { viewport: SIZES[size] });
        const practice = await at(planner, 'client', 'Tolland Practice');
        const place = await ownPlace(planner, 'Annexe', practice);
        await post(planner, `/systems/${place.system}/items`, {
            job: 'skimmer',
            name: 'Skimmer',
            state: 'run-in',
            installed_precision: 'day',
        });
        await dueJob(planner, place, 'Skimmer cup');
        await planner.goto('/rounds/due');
        const due = planner.getByRole('table', { name: 'Jobs, the most pressing first' });
        await expect(due.getByRole('row', { name: new RegExp(place.name) }).first()).toContainText('Skimmer cup');
        await planner.getByRole('link', { name: 'To the week' }).click();
        const visit = await visitFor(planner, place, 'Look at the seam', await person(planner, 'Teodor Brask'));
        await toNorthVan(planner, place, visit);
        await planner.goto(`/rounds?week=${nextMonday()}`);
        await propose(planner);
        const board = planner.locator('.weekboard tbody tr', { hasText: 'North van' });
        await expect(board.getByRole('button', { name: new RegExp(`^${place.name}, `) })).toContainText('promised');

        const tech = await northVan(browser, size);
        await tech.goto(`/visits/${visit}`);
        await expect(tech.getByRole('heading', { name: place.name })).toBeVisible();
        await work(tech);
        await tech.getByRole('link', { name: 'Read the drafted report' }).click();
        await tech.waitForURL(/\/reports\/\d+$/);
        await expect(tech.getByText('7.1 dKH').first()).toBeVisible();
        await expect(tech.getByRole('button', { name: 'Send it' })).toHaveCount(0);

        await planner.goto(new URL(tech.url()).pathname);
        await planner.getByLabel('A word to the client').fill(`All is well, ${size}.`);
        await planner.getByRole('button', { name: 'recommend something' }).click();
        await planner.getByLabel('Recommendation 1', { exact: true }).fill('A second heater on its own socket');
        await planner.getByLabel('Price of recommendation 1').fill('89.00');
        await planner.getByRole('button', { name: 'Send it' }).click();
        await expect(planner.getByText(/^On its way to /)).toBeVisible();
        await expect(planner.getByRole('button', { name: 'Send it' })).toHaveCount(0);

        const client = await pageAs(browser, 'client', { viewport: SIZES[size] });
        await client.goto('/');
        await client
            .getByRole('region', { name: 'Reports' })
            .getByRole('link', { name: /Visit of/ })
            .first()
            .click();
        await expect(client.getByText(`All is well, ${size}.`)).toBeVisible();
        await expect(client.getByText('A second heater on its own socket')).toBeVisible();
        const pdf = await client.request.get(
            (await client.getByRole('link', { name: 'As PDF' }).getAttribute('href')) as string,
        );
        expect(pdf.headers()['content-type']).toBe('application/pdf');
        expect(await client.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
            SIZES[size].width,
        );
    });
}

test('without signal everything typed stays, and goes once when it is back', async ({ browser }) => {
    const tech = await northVan(browser, 'phone');
    const place = await ownPlace(await pageAs(browser, 'planner'), 'Deep cellar');
    const visit = await callOut(tech, place, 'Left pump loud');
    await tech.goto(visit);
    await expect(tech.getByText('all sent')).toBeVisible();
    await cut(tech);
    await note(tech, 'The left pump hums.');
    await note(tech, 'Salt creep on the lid.');
    await expect(tech.getByText('2 kept here')).toBeVisible();
    await expect(tech.getByText('no signal')).toBeVisible();
    await tech.reload().catch(() => null);
    // A page that failed to load comes again by itself when the signal is back, unseen by the route below: left
    // behind first.
    await expect
        .poll(() =>
            tech.goto('about:blank').then(
                () => tech.url(),
                () => '',
            ),
        )
        .toBe('about:blank');
    // The first answer is lost on its way: the office has the notes, the phone does not know.
    let lost = 0;
    const answers = [
        async (route: Route) => {
            await route.fetch();
            await route.abort();
        },
    ];
    await tech.context().route('**/entries', (route) => (answers[lost++] ?? ((r: Route) => r.continue()))(route));
    await mend(tech);
    await tech.goto(visit);
    await expect.poll(() => lost, { timeout: 20_000 }).toBeGreaterThan(1);
    await expect(tech.getByText('all sent')).toBeVisible({ timeout: 15_000 });
    await tech.context().unroute('**/entries');

    // The session runs out while something is typed.
    await tech.context().clearCookies();
    await note(tech, 'Float needs a clean.');
    await expect(tech.getByText('Your sign-in ran out.')).toBeVisible();
    await expect(tech.getByText('1 kept here')).toBeVisible();
    await tech.getByRole('link', { name: 'Sign in again', exact: true }).click();
    await tech.getByLabel('Mail address').fill('ines@merrowick.example');
    await tech.getByLabel('Password').fill(PASSWORD);
    await tech.getByRole('button', { name: 'Sign in' }).click();
    await tech.waitForURL(`**${visit}`);
    await expect(tech.getByText('all sent')).toBeVisible({ timeout: 15_000 });

    // Ammonia is answered from the tables of the page, and by the office when it hears.
    await cut(tech);
    await tech.getByRole('button', { name: 'Read something else' }).click();
    await tech.getByRole('button', { name: /^Ammonia, total as N/ }).click();
    await tech.getByRole('button', { name: '3', exact: true }).click();
    await tech.getByRole('button', { name: 'Keep it' }).click();
    await expect(tech.getByRole('alert').filter({ hasText: 'Looked up on this phone.' })).toContainText(
        /^Stop\. Free ammonia burns gills/,
    );
    await mend(tech);
    await expect(tech.getByText(/^Stop\. Free ammonia .* change water now/).first()).toBeVisible({ timeout: 20_000 });
    await expect(tech.getByText('Looked up on this phone.')).toHaveCount(0);

    const record = (await tech.getByRole('link', { name: 'the whole record' }).getAttribute('href')) as string;
    await tech.goto(`${record}/log`);
    for (const words of ['The left pump hums.', 'Salt creep on the lid.', 'Float needs a clean.'])
        await expect(tech.getByText(words)).toHaveCount(1);
});

/** No signal: said to the page, and held for what a page begins while it is being told. */
async function cut(page: Page) {
    await page.context().route('**/*', refuse);
    await page.context().setOffline(true);
}

async function mend(page: Page) {
    await page.context().unroute('**/*', refuse);
    await page.context().setOffline(false);
}

const refuse = (route: Route) => route.abort('internetdisconnected');

async function note(page: Page, words: string) {
    await page.getByRole('button', { name: 'Note', exact: true }).click();
    await page.getByLabel('In a sentence').fill(words);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByLabel('In a sentence')).toBeHidden();
}

test('a crew’s calendar is read by another program as it stands on the board', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const own = await ownPlace(planner, 'Calendar');
    const visit = await visitFor(planner, own, 'Read the meter', await person(planner, 'Teodor Brask'));
    await giveTo(planner, visit, await crew(planner, 'South van'));
    await planner.goto('/rounds/feeds');
    await planner.getByLabel('Whose visits').selectOption({ label: 'South van' });
    await planner.getByRole('button', { name: 'Make an address' }).click();
    const address = (await planner.locator('.standing pre').textContent()) as string;
    const text = await (await fetch(address)).text();
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events.map((e) => e.summary).join()).toContain(own.name);
    const board = planner.locator('.weekboard tbody tr', { hasText: 'South van' });
    await planner.goto(`/rounds?week=${nextMonday()}`);
    const chip = board.locator('li.planned').first();
    const [hour, place] = [await chip.locator('.t').textContent(), await chip.locator('b').textContent()];
    const clock = (e: ICAL.Event) =>
        e.startDate
            .toJSDate()
            .toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'Europe/London' });
    expect(events.some((e) => e.summary.startsWith(place as string) && clock(e) === hour)).toBe(true);
    expect(events.every((e) => e.uid !== '' && e.endDate.compare(e.startDate) > 0)).toBe(true);
});

test('the fleet’s hours in hand are worked out while one watches', async ({ browser }) => {
    const owner = await pageAs(browser, 'owner');
    await owner.goto('/risk?night=winter-night');
    await owner.getByRole('button', { name: 'Work it out' }).click();
    await expect(owner.getByText('oldest worked out just now')).toBeVisible({ timeout: 30_000 });
    await expect(
        owner
            .getByRole('table', { name: /shortest time in hand first/ })
            .getByRole('row')
            .nth(1),
    ).toContainText(/too late|would notice|in hand|is open|h /);
});

for (const timezoneId of ['Pacific/Auckland', 'America/Los_Angeles']) {
    test(`the week after is the week after in a browser in ${timezoneId}`, async ({ browser }) => {
        const planner = await pageAs(browser, 'planner', { timezoneId });
        await planner.goto('/rounds?week=2027-03-22');
        for (const monday of ['2027-03-29', '2027-04-05', '2027-04-12']) {
            await planner.getByRole('link', { name: 'The week after' }).click();
            await planner.waitForURL(`**/rounds?week=${monday}`);
        }
        await planner.getByRole('link', { name: 'The week before' }).click();
        await planner.waitForURL('**/rounds?week=2027-04-05');
        await expect(planner.getByText('Mon 5 Apr', { exact: false }).first()).toBeVisible();
    });
}
