import type { Page } from '@playwright/test';
import { allKept, expect, open, pageAs, PASSWORD, test, type } from './as';
import {
    callOut,
    dayFromNow,
    giveTo,
    jobType,
    nextMonday,
    ownPlace,
    post,
    propose,
    propsOf,
    signIn,
    visitFor,
} from './own';
import { crew, person } from './world';

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };

async function note(page: Page, words: string) {
    await page.getByRole('button', { name: 'Note', exact: true }).click();
    await page.getByLabel('In a sentence').fill(words);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByLabel('In a sentence')).toBeHidden();
}

async function pad(page: Page, parameter: RegExp, digits: string) {
    await page.getByRole('button', { name: parameter }).first().click();
    for (const key of digits) await page.getByRole('button', { name: key, exact: true }).click();
    await page.getByRole('button', { name: /^Keep (it|this instead)$/ }).click();
}

test('somebody is ill: seen first, moved as little as can be, the clients told, all of it taken back', async ({
    browser,
}) => {
    const sol = `Sol Perrin ${Math.random().toString(36).slice(2, 5)}`;
    const owner = await pageAs(browser, 'owner');
    await owner.goto('/settings/people');
    await post(owner, '/settings/people', {
        name: sol,
        email: `${sol.toLowerCase().replaceAll(' ', '.')}@merrowick.example`,
        role: 'technician',
    });
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Ferry steps');
    const visit = await visitFor(planner, place, 'Fit the new lid', await person(planner, 'Teodor Brask'));
    const people = await propsOf<{ people: Record<string, string> }>(planner, '/rounds/sick');
    const solId = Number(Object.entries(people.people).find(([, name]) => name === sol)?.[0]);
    await post(planner, '/rounds/vehicles', { name: `Small van of ${sol}`, payload_kg: 500, salt_l: 100, ro_l: 20 });
    const yard = await propsOf<{ vehicles: { id: number; name: string }[]; depots: Record<string, string> }>(
        planner,
        '/rounds/crews',
    );
    const van = yard.vehicles.find((v) => v.name === `Small van of ${sol}`)?.id;
    await post(planner, '/rounds/crews', {
        name: `${sol} alone`,
        depot_id: Number(Object.keys(yard.depots)[0]),
        vehicle_id: van,
        members: [solId],
        from_on: dayFromNow(0),
        starts_min: 1020,
        ends_min: 1260,
        break_min: 30,
    });
    const week = `/rounds?week=${nextMonday()}`;
    const board = await propsOf<{ board: { crews: { id: number; name: string }[] } }>(planner, week);
    const crew = board.board.crews.find((c) => c.name === `${sol} alone`)?.id;
    await post(planner, `/visits/${visit}/move`, { crew_id: crew, on: nextMonday(), position: null });

    // A promise: the next proposal leaves it where the hand put it.
    await planner.goto(`/rounds?week=${nextMonday()}`);
    await propose(planner);
    const row = planner.locator('.weekboard tbody tr', { hasText: `${sol} alone` });
    await expect(row.getByRole('button', { name: new RegExp(`^${place.name}, `) })).toContainText('promised');

    await planner.getByRole('link', { name: 'Somebody is ill' }).click();
    await planner.getByLabel('Who').selectOption({ label: sol });
    await planner.getByLabel(/^From now/).fill(nextMonday());
    const table = planner.getByRole('table', { name: 'Before and after' });
    await expect(table.getByRole('row', { name: new RegExp(place.name) })).toContainText(`${sol} alone`);
    await expect(table.getByRole('row', { name: new RegExp(place.name) })).toContainText(
        /North van|South van|Truck|no place/,
    );
    await planner.getByRole('button', { name: new RegExp(`^Mark ${sol} ill`) }).click();
    await expect(planner.getByText(new RegExp(`${sol} is marked ill`))).toBeVisible();
    await planner.goto(`/rounds?week=${nextMonday()}`);
    await expect(planner.getByText(`${sol} away`).first()).toBeVisible();
    const tell = planner
        .getByRole('region', { name: /Clients to tell/ })
        .getByRole('listitem')
        .filter({ hasText: place.name });
    await expect(tell).toBeVisible();
    await tell.getByRole('button', { name: `${place.name} knows` }).click();
    await expect(tell).toHaveCount(0);
    await planner.getByRole('button', { name: /^Undo/ }).click();
    await expect(planner.getByText(new RegExp(`^Taken back: .*${sol} is ill`))).toBeVisible();
    await expect(
        planner
            .getByRole('button', { name: `${place.name}: give it a place` })
            .or(planner.getByText(new RegExp(`crew away: ${sol} alone`)))
            .first(),
    ).toBeVisible();
});

test('an overdue sand job reaches the phone with its kilograms', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Sand lane');
    await planner.goto(`/systems/${place.system}/tasks`);
    await planner.getByRole('button', { name: 'Add a job that recurs' }).click();
    await planner.getByLabel('Job', { exact: true }).selectOption({ label: 'Sand top-up' });
    await planner.getByLabel(/^Last done on/).fill(dayFromNow(-400));
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(planner.getByText(/^Kept\. It is due/)).toBeVisible();
    const visit = await visitFor(planner, place, 'Look at the seam', await person(planner, 'Teodor Brask'));
    await giveTo(planner, visit, await crew(planner, 'North van'));
    const tech = await pageAs(browser, 'technician', PHONE);
    await tech.goto(`/visits/${visit}`);
    const job = tech.getByRole('button', { name: /Sand top-up/ });
    await expect(job).toBeVisible();
    await job.click();
    await expect(tech.getByRole('region', { name: 'Sand' })).toBeVisible();
    await expect(tech.getByText('hold', { exact: true }).first()).toBeVisible();
});

test('a doubtful reading is asked in the pad and stays, through a reload, until it is answered', async ({
    browser,
}) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Doubt quay');
    const tech = await pageAs(browser, 'technician', PHONE);
    const visit = await callOut(tech, place, 'Water smells');
    await tech.goto(visit);
    await pad(tech, /^Temperature/, '39');
    const dialog = tech.getByRole('dialog', { name: 'Temperature' });
    await expect(dialog.getByRole('alert')).toContainText('Typed: 39');
    await tech.reload();
    await expect(tech.getByRole('alert').filter({ hasText: 'Temperature 39' })).toBeVisible();
    // It is asked again in the pad; put away, it stays on the page.
    await dialog.getByRole('button', { name: 'Close', exact: true }).click();
    await expect(dialog).toBeHidden();
    await tech.getByRole('button', { name: 'Done', exact: true }).click();
    await tech.getByRole('button', { name: 'Leave safely' }).click();
    const sheet = tech.getByRole('dialog', { name: 'Before you leave' });
    await expect(sheet.getByText('Doubtful, and not answered: Temperature 39.')).toBeVisible();
    await sheet.getByRole('button', { name: 'Close', exact: true }).click();
    await expect(sheet).toBeHidden();
    await tech.getByRole('button', { name: 'Answer it', exact: true }).click();
    await dialog.getByRole('button', { name: /^It says 39/ }).click();
    await expect(tech.getByRole('alert').filter({ hasText: 'Temperature 39' })).toHaveCount(0);
    await expect(tech.getByText('all sent')).toBeVisible();
});

test('a phone that is full says so at once, claims nothing, and is offered the words again', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Full wharf');
    const tech = await pageAs(browser, 'technician', PHONE);
    const visit = await callOut(tech, place, 'Pump hums');
    await tech.goto(visit);
    await expect(tech.getByText('all sent')).toBeVisible();
    const devtools = await tech.context().newCDPSession(tech);
    const origin = new URL(tech.url()).origin;
    await devtools.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
    await tech.context().setOffline(true);
    await note(tech, 'Belt of the pump is worn.');
    const alert = tech.getByRole('alert').filter({ hasText: 'This phone cannot keep what you type.' });
    await expect(alert).toContainText('Belt of the pump is worn.');
    await expect(tech.getByText('all sent')).toHaveCount(0);
    await expect(tech.getByText(/kept here/)).toHaveCount(0);
    await devtools.send('Storage.overrideQuotaForOrigin', { origin });
    await alert.getByRole('button', { name: 'Try to keep them again' }).click();
    await expect(tech.getByText('1 kept here')).toBeVisible();
    await expect(alert).toHaveCount(0);
    await tech.context().setOffline(false);
    await expect(tech.getByText('all sent')).toBeVisible({ timeout: 15_000 });
});

test('a clock ten minutes fast is set right and said', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Clock yard');
    const tech = await pageAs(browser, 'technician', PHONE);
    const visit = await callOut(tech, place, 'Light flickers');
    // A local network without TLS has no randomUUID: numbers come from chance.
    await tech.addInitScript(() => Object.defineProperty(window.crypto, 'randomUUID', { value: undefined }));
    await tech.clock.setSystemTime(Date.now() + 600_000);
    await tech.goto(visit);
    await note(tech, 'Lamp loose.');
    await expect(tech.getByText(/clock is 10 min fast/)).toBeVisible();
    await expect(tech.getByText('all sent')).toBeVisible();
});

test('one photo that the office cannot take holds up nothing behind it', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Photo pier');
    const tech = await pageAs(browser, 'technician', PHONE);
    const visit = await callOut(tech, place, 'Crack?');
    await tech.goto(visit);
    await tech.route('**/photos', (route) => route.fulfill({ status: 500, body: 'broken' }));
    await tech.getByRole('button', { name: /^Photo/ }).click();
    await tech.getByLabel('Take it, or choose one').setInputFiles({
        name: 'a.png',
        mimeType: 'image/png',
        buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            'base64',
        ),
    });
    await tech.getByRole('button', { name: 'Keep it' }).click();
    await note(tech, 'Crack is only a scratch.');
    await expect(tech.getByText('1 kept here')).toBeVisible();
    await tech.unroute('**/photos');
    // From any page: the photo goes while another one is open.
    await tech.goto('/');
    await expect.poll(async () => (await propsOf<{ photos: number }>(tech, visit)).photos, { timeout: 20_000 }).toBe(1);
    await expect(tech.getByText(/entry waits on this phone/)).toHaveCount(0);
    await tech.goto(visit);
    await expect(tech.getByText('all sent')).toBeVisible();
    await expect(tech.getByRole('button', { name: 'Photo (1)' })).toBeVisible();
});

test('what went off without signal is recorded although the visit was closed meanwhile', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Late dock');
    await planner.goto(`/systems/${place.system}/register`);
    await post(planner, `/systems/${place.system}/items`, {
        job: 'skimmer',
        name: 'Skimmer',
        state: 'run-in',
        installed_precision: 'day',
    });
    const ines = await pageAs(browser, 'technician', PHONE);
    const visit = await callOut(ines, place, 'Skimmer overflows');
    await ines.goto(visit);
    await post(planner, `${visit}/jobs`, {
        system_id: place.system,
        text: 'Skimmer cup',
        minutes: 6,
        task_type_id: await jobType(planner, 'Skimmer cup'),
    });
    await ines.reload();
    await ines.getByRole('button', { name: /Skimmer cup$/ }).click();
    await ines.context().setOffline(true);
    await ines.getByRole('button', { name: /^Skimmer off/ }).click();
    await expect(ines.getByText('1 kept here')).toBeVisible();

    const jory = await signIn(browser, 'jory@merrowick.example', PHONE);
    await jory.goto(visit);
    for (let n = 0; n < 2; n++) {
        await jory.getByRole('button', { name: 'Not done because…' }).click();
        await jory.getByRole('button', { name: 'not needed', exact: true }).click();
        await jory.getByRole('button', { name: 'Carry it over' }).click();
    }
    await jory.getByRole('button', { name: 'Leave safely' }).click();
    const sheet = jory.getByRole('dialog', { name: 'Before you leave' });
    // The sheet comes in with a movement: its list is read only when it stands there whole.
    await expect(sheet.getByRole('checkbox')).toHaveCount(6);
    for (const tick of await sheet.getByRole('checkbox').all()) await tick.check();
    await jory.getByRole('button', { name: 'Close the visit' }).click();
    await expect(jory.getByText('Closed.', { exact: true })).toBeVisible();

    await ines.context().setOffline(false);
    await expect(ines.getByText('all sent')).toBeVisible({ timeout: 20_000 });
    await jory.reload();
    await expect(jory.getByRole('region', { name: 'Came later' })).toContainText('switched off: Skimmer');
    await planner.goto('/rounds/due?what=later');
    await expect(planner.getByText(/Skimmer is off since .* Is it on again\?/).first()).toBeVisible();
});

test('a survey left in the middle is still there, and went by itself', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Survey row');
    await planner.goto(`/sites/${place.site}`);
    await planner.getByLabel('Parking').fill('behind the chandlery');
    await planner.getByRole('link', { name: 'Velbrin, start' }).click();
    await planner.waitForURL((url) => url.pathname === '/');
    await planner.goto(`/sites/${place.site}`);
    await expect(planner.getByLabel('Parking')).toHaveValue('behind the chandlery');
    await expect(planner.getByText('Everything here is kept.').first()).toBeVisible();

    await planner.context().setOffline(true);
    await planner.getByLabel('Open Monday').fill('9-12, 14-18');
    await expect(planner.getByText(/No signal: it stands on this device/)).toBeVisible({ timeout: 10_000 });
    await planner.context().setOffline(false);
    const unsent = () =>
        planner.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('velbrin-form-site')).length);
    await expect.poll(unsent, { timeout: 15_000 }).toBe(0);
    await planner.reload();
    await expect(planner.getByLabel('Open Monday')).toHaveValue('09:00-12:00, 14:00-18:00');

    // Somebody else writes the same place: nobody wins silently.
    const owner = await pageAs(browser, 'owner');
    await owner.goto(`/sites/${place.site}`);
    await owner.getByLabel('Noise limits').fill('quiet after eight');
    await expect(owner.getByText('Everything here is kept.').first()).toBeVisible();
    await allKept(owner);
    await planner.getByLabel('Pets').fill('a cat');
    const clash = planner.getByRole('alert').filter({ hasText: 'Changed meanwhile by Marit Solway' });
    await expect(clash).toBeVisible({ timeout: 10_000 });
    await clash.getByRole('button', { name: 'keep mine on top' }).click();
    await expect(clash).toHaveCount(0, { timeout: 10_000 });
    await planner.reload();
    await expect(planner.getByLabel('Pets')).toHaveValue('a cat');
});

test('whoever signs out while something waits is told, and the next one leaves it alone', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Sign quay');
    const jory = await signIn(browser, 'jory@merrowick.example', PHONE);
    const visit = await callOut(jory, place, 'Return pump rattles');
    await jory.goto(visit);
    await expect(jory.getByText('all sent')).toBeVisible();
    await jory.route('**/entries', (route) => route.abort('internetdisconnected'));
    await note(jory, 'Bearing is worn.');
    await expect(jory.getByText('1 kept here')).toBeVisible();
    await jory.goto('/');
    await expect(jory.getByText('1 entry waits on this phone and goes when there is a signal.')).toBeVisible();
    await jory.getByRole('button', { name: /^Sign out Jory/ }).click();
    const warning = jory.getByRole('alert').filter({ hasText: '1 entry waits on this phone. It stays on it' });
    await warning.getByRole('button', { name: 'stay', exact: true }).click();
    await expect(warning).toHaveCount(0);
    await jory.getByRole('button', { name: /^Sign out Jory/ }).click();
    await warning.getByRole('button', { name: 'sign out all the same' }).click();
    await jory.waitForURL((url) => url.pathname === '/sign-in');

    const asWho = async (mail: string) => {
        await jory.getByLabel('Mail address').fill(mail);
        await jory.getByLabel('Password').fill(PASSWORD);
        await jory.getByRole('button', { name: 'Sign in' }).click();
        await jory.waitForURL((url) => url.pathname === '/');
    };
    await jory.unroute('**/entries');
    await asWho('wanda@merrowick.example');
    await expect(jory.getByText('1 entry of somebody else waits here; it goes when that person signs in.')).toBeVisible(
        { timeout: 15_000 },
    );
    await jory.getByRole('button', { name: /^Sign out Wanda/ }).click();
    await jory.waitForURL((url) => url.pathname === '/sign-in');
    await asWho('jory@merrowick.example');
    await expect(jory.getByText(/on this phone|somebody else/)).toHaveCount(0, { timeout: 20_000 });
    // It goes by itself a moment after the page stands: the log is read until it is there, each time once it stands.
    await expect(async () => {
        await planner.goto(`/systems/${place.system}/log`);
        await expect(planner.getByText('Bearing is worn.')).toHaveCount(1, { timeout: 3_000 });
    }).toPass({ timeout: 90_000 });
});

test('a plan on a device that is full says so, and is sent all the same', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Full store');
    const at = await post(planner, `/sites/${place.site}/plans`, { name: 'Wall' });
    await planner.goto(at);
    await open(planner, 'Rock, sand, water');
    await planner.evaluate(() => {
        for (let size = 1 << 22; size >= 1; size = size >> 1) {
            try {
                for (let n = 0; ; n++) localStorage.setItem(`fill-${size}-${n}`, 'x'.repeat(size));
            } catch {
                // Smaller pieces go into what is left.
            }
        }
    });
    await planner.route('**/draft', (route) => route.abort('internetdisconnected'));
    await type(planner, 'Rock, dry', '87');
    await expect(
        planner.getByText(
            'This device cannot keep it: its storage is full or blocked. Stay on this page until it is sent.',
        ),
    ).toBeVisible();
    await expect(planner.getByText('Everything is kept.')).toHaveCount(0);
    await planner.unroute('**/draft');
    await expect(planner.getByText('Everything is kept.')).toBeVisible({ timeout: 15_000 });
    await planner.evaluate(() => localStorage.clear());
    await planner.reload();
    await open(planner, 'Rock, sand, water');
    await expect(planner.getByLabel('Rock, dry', { exact: true })).toHaveValue('87');
});
