import ICAL from 'ical.js';
import type { Browser, Page, Route } from '@playwright/test';
import { expect, pageAs, PASSWORD, test } from './as';
import { propose } from './own';

const SIZES = { desktop: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };

/** The stop of that place on the board of this week or the next; the page stands there. */
async function stop(page: Page, place: string) {
    for (const weeks of [0, 1, 2]) {
        const day = new Date(Date.now() + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
        await page.goto(`/rounds?week=${day}`);
        await expect(page.getByRole('table', { name: /^Crews by day/ })).toBeVisible();
        const found = page.getByRole('button', {
            name: new RegExp(`^${place}, .*move it$|^${place}: give it a place$`),
        });
        if (await found.count()) return found.first();
    }
    throw new Error(`${place} stands on no board`);
}

/**
 * Gives a place’s visit to the north van by keyboard, after reading what that would do. Returns the visit’s
 * address.
 */
async function toNorthVan(page: Page, place: string): Promise<string> {
    const chip = await stop(page, place);
    await chip.focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('region', { name: 'What moving it would do' });
    await expect(panel).toBeVisible();
    await expect(panel.getByLabel('Crew')).toBeFocused();
    const had = await panel.getByLabel('Crew').locator('option:checked').textContent();
    await panel.getByLabel('Crew').selectOption({ label: 'North van' });
    const days = await panel.getByLabel('Day').locator('option').allTextContents();
    const visit = (await panel.getByRole('link', { name: 'open the visit' }).getAttribute('href')) as string;
    for (const day of days.reverse()) {
        await panel.getByLabel('Day').selectOption({ label: day });
        await expect(panel.getByText('Working it out…')).toHaveCount(0);
        if (await panel.getByRole('button', { name: 'Move it' }).isEnabled()) break;
    }
    await expect(panel.locator('.says')).toContainText(
        /\d\s(min|d|day|days|h|L)\b|Nothing else moves|Another technician/,
    );
    const move = panel.getByRole('button', { name: 'Move it' });
    if (had?.trim() === 'North van' && (await move.isDisabled())) {
        // Late on a Friday the week has one day left, and it stands there already.
        await panel.getByRole('button', { name: 'leave it' }).click();
        return visit;
    }
    await move.click();
    await expect(page.getByText(/^Moved, and promised/)).toBeVisible();
    return visit;
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

async function work(page: Page) {
    const begin = page.getByRole('button', { name: 'I am here: begin' });
    if (await begin.count()) await begin.click();
    await page
        .getByRole('region', { name: 'Readings' })
        .getByRole('button', { name: /Alkalinity/ })
        .first()
        .click();
    for (const key of ['7', '.', '1']) await page.getByRole('button', { name: key, exact: true }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(/Alkalinity 7\.1\sdKH: /)).toBeVisible();
    const done = page.getByRole('button', { name: /^Done/ });
    while (await done.count()) {
        await pressAll(page, '.offbtn:enabled');
        for (const hold of await page.locator('.jobs li.now .step:has(.holdword) input').all()) await hold.check();
        const job = (await page.locator('.jobs li.now .jobhead b').textContent()) as string;
        const before = await page.locator('.jobs li.did').count();
        await done.click();
        // Either it is done, or its litres are asked for first.
        const litres = page.getByRole('button', { name: /^As planned: / });
        await expect
            .poll(
                async () =>
                    (await litres.count()) > 0 ||
                    (await page.locator('.jobs li.did').count()) !== before ||
                    (await page.locator('.systemline').count()) > 0,
            )
            .toBe(true);
        if (await litres.count()) await litres.click();
        if (job)
            await expect
                .poll(
                    async () =>
                        (await page.locator('.jobs li.did').count()) !== before ||
                        (await page.locator('.systemline').count()) > 0,
                )
                .toBe(true);
        const next = page.getByRole('button', { name: /^Next: / });
        if (await next.count()) await next.click();
    }
    await page.getByRole('button', { name: 'Leave safely' }).click();
    const sheet = page.getByRole('dialog', { name: 'Before you leave' });
    await expect(sheet.getByRole('button', { name: 'Close the visit' })).toBeDisabled();
    if (await sheet.getByText('Still off').count()) {
        await sheet.getByRole('button', { name: 'Close', exact: true }).click();
        await expect(sheet).toBeHidden();
        const line = page.getByRole('region', { name: 'Switched off' });
        await line.getByRole('button', { name: /^Off: / }).click();
        await pressAll(page, '.offline li button');
        await expect(line).toHaveCount(0);
        await page.getByRole('button', { name: 'Leave safely' }).click();
    }
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
        if (size === 'phone') {
            // The practice was seen today already: one job more makes it due again.
            await planner.goto('/systems/1/tasks');
            await planner.getByRole('button', { name: 'Add a job that recurs' }).click();
            await planner.getByLabel('Job', { exact: true }).selectOption({ label: 'Carbon' });
            await planner
                .getByLabel(/^Last done on/)
                .fill(new Date(Date.now() - 45 * 86_400_000).toISOString().slice(0, 10));
            await planner.getByRole('button', { name: 'Keep', exact: true }).click();
            await expect(planner.getByText(/^Kept\. It is due/)).toBeVisible();
        }
        await planner.goto('/rounds/due');
        await expect(planner.getByRole('table', { name: 'Jobs, the most pressing first' })).toBeVisible();
        await planner.getByRole('link', { name: 'To the week' }).click();
        await planner.goto(`/rounds?week=${new Date(Date.now() + 7 * 86_400_000).toISOString().slice(0, 10)}`);
        await propose(planner);
        const accept = planner.getByRole('button', { name: 'Accept the proposal' });
        if (await accept.count()) {
            await accept.click();
            await expect(accept).toHaveCount(0);
        }
        const visit = await toNorthVan(planner, 'Waiting rooms');

        const tech = await northVan(browser, size);
        await tech.goto(visit);
        await expect(tech.getByRole('heading', { name: 'Waiting rooms' })).toBeVisible();
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
    await tech.goto('/');
    const visit = (await tech.locator('a[href^="/visits/"]').last().getAttribute('href')) as string;
    await tech.goto(visit);
    await tech.getByRole('button', { name: 'I am here: begin' }).click();
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
    await tech.context().route('**/entries', async (route) => {
        if (lost++ === 0) {
            await route.fetch();
            await route.abort();
        } else await route.continue();
    });
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
    await planner.goto('/rounds/feeds');
    await planner.getByLabel('Whose visits').selectOption({ label: 'South van' });
    await planner.getByRole('button', { name: 'Make an address' }).click();
    const address = (await planner.locator('.standing pre').textContent()) as string;
    const text = await (await fetch(address)).text();
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events.length).toBeGreaterThan(3);
    const chip = planner.locator('.weekboard tbody tr', { hasText: 'South van' }).locator('li.planned').first();
    await planner.goto('/rounds');
    if (!(await chip.count()))
        await planner.goto(`/rounds?week=${new Date(Date.now() + 7 * 86_400_000).toISOString().slice(0, 10)}`);
    const [at, place] = [await chip.locator('.t').textContent(), await chip.locator('b').textContent()];
    const clock = (e: ICAL.Event) =>
        e.startDate
            .toJSDate()
            .toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'Europe/London' });
    expect(events.some((e) => e.summary.startsWith(place as string) && clock(e) === at)).toBe(true);
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
