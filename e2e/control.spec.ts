import { expect, pageAs, test } from './as';
import { ownPlace, post, propsOf } from './own';

test('a set-up is written from nothing, warned about, corrected, and set to work', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Control');
    for (const [job, name, watts] of [
        ['heater', 'Heater 1', 200],
        ['top-off', 'Top-off 1', 5],
    ])
        await post(planner, `/systems/${place.system}/items`, {
            job,
            name,
            watts,
            installed_precision: 'day',
            state: 'mounted',
        });
    await planner.goto('/control');
    await planner.getByRole('button', { name: 'Add a controller' }).click();
    await planner.getByLabel('At which place').selectOption({ label: place.name });
    await planner.getByLabel('What people call it').fill('Rack head');
    await planner.getByRole('button', { name: 'Add it' }).click();
    await expect(planner.getByRole('heading', { name: 'Rack head: what drives what' })).toBeVisible();

    await planner.getByRole('button', { name: 'Add a strip' }).click();
    await planner.getByLabel('The circuit, as the board says').fill('cellar');
    await planner.getByRole('button', { name: 'Put the circuit on record' }).click();
    await planner.getByLabel('The strip, as it is marked').fill('K');
    await planner.getByRole('button', { name: 'Add the strip' }).click();
    await expect(planner.getByRole('button', { name: /^K1, K1: nobody has said/ })).toBeVisible();
    await planner.getByRole('button', { name: 'Add a probe or a switch' }).click();
    await planner.getByLabel('What people call it').fill('sump probe');
    await planner.getByRole('button', { name: 'Put it on record' }).click();
    await expect(planner.getByText('sump probe is on record.')).toBeVisible();

    // By keyboard: the outlet, its plug, what it does.
    await planner.getByRole('button', { name: /^K1, / }).focus();
    await planner.keyboard.press('Enter');
    await planner.getByRole('checkbox', { name: /^Heater 1/ }).check();
    await planner.getByRole('button', { name: 'Keep the plug' }).click();
    await expect(planner.getByText('K1: kept.')).toBeVisible();
    await planner.getByRole('button', { name: 'Say what it does' }).click();
    await expect(planner.getByRole('button', { name: /^K1, Heater 1: starts below 25\.3/ })).toBeVisible();
    const margin = planner.getByRole('complementary', { name: 'What stands against it' });
    await expect(margin.getByText('Nobody has said what Heater 1 does without its link')).toBeVisible();
    const blind = margin.getByText('Nobody has said what Heater 1 does when its probe is missing');
    await expect(blind).toBeVisible();
    await planner.getByRole('button', { name: 'correct it: off when it cannot see' }).click();
    await expect(blind).toHaveCount(0);
    await expect(planner.getByLabel('When the probe is missing')).toHaveValue('off');
    await planner.getByLabel('When the link is lost').selectOption('off');
    await expect(margin.getByText('Nobody has said what Heater 1 does without its link')).toHaveCount(0);

    // A band each way of the middle, and one step back.
    await planner.getByText('From a middle and a band').click();
    await planner.getByLabel('Counted').selectOption({ label: 'each way from the middle' });
    await planner.getByRole('button', { name: 'Take start and stop from it' }).click();
    await expect(planner.getByRole('button', { name: /^K1, Heater 1: starts below 25\.1/ })).toBeVisible();
    await planner.getByRole('button', { name: /^one step back/ }).click();
    await expect(planner.getByRole('button', { name: /^K1, Heater 1: starts below 25\.3/ })).toBeVisible();

    // What cannot be stands beside its outlet, and survives a reload.
    await planner.getByRole('textbox', { name: /^Stops at/ }).fill('25.3');
    await planner.getByRole('textbox', { name: /^Stops at/ }).press('Tab');
    await expect(planner.getByRole('alert')).toContainText('Start and stop are the same');
    await planner.reload();
    await planner.getByRole('button', { name: /^K1, / }).click();
    await expect(planner.getByRole('textbox', { name: /^Stops at/ })).toHaveValue('25.3');
    await planner.getByRole('textbox', { name: /^Stops at/ }).fill('25.6');
    await planner.getByRole('textbox', { name: /^Stops at/ }).press('Tab');
    await expect(planner.getByRole('button', { name: /^K1, Heater 1: starts below 25\.3.*25\.6/ })).toBeVisible();
    await expect(planner.locator('.keeping')).toContainText(/^\s*kept\b/);

    await planner.getByRole('button', { name: 'Set draft 1 to work' }).click();
    await planner.getByLabel('What changed, and why').fill('First set-up.');
    await planner.getByLabel(/It has been entered at the controller/).check();
    await planner.getByRole('button', { name: 'It runs from now on' }).click();
    await expect(planner.getByText(/as running since .*, version 1/)).toBeVisible();
});

test('a set-up is broken on the page, alone and with help on the way', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    await planner.goto('/control');
    await planner.getByRole('link', { name: /^Cabinet \d+ outlets/ }).click();
    await planner.getByRole('link', { name: 'Break it' }).click();
    await planner.getByLabel('What breaks').selectOption({ label: 'room heating fails' });
    await planner.getByLabel('What breaks').selectOption({ label: 'power cut' });
    await planner.getByRole('button', { name: 'Play it' }).click();
    const verdict = planner.locator('.verdict');
    await expect(verdict).toContainText('Harm after', { timeout: 20_000 });
    await expect(planner.getByRole('img', { name: /^Display: from/ })).toBeVisible();
    await planner.getByRole('button', { name: 'Take break 2 out' }).click();
    await planner.getByRole('button', { name: 'Take break 1 out' }).click();
    await planner.getByRole('button', { name: 'Play it' }).click();
    await expect(verdict).toContainText('No harm', { timeout: 20_000 });
    await expect(verdict).toContainText('the run before is drawn thin');
});

test('it is broken, the chain walks, and somebody answers on a phone', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Alarm');
    const at = await post(planner, `/sites/${place.site}/controllers`, { name: 'Watch' });
    await planner.goto(at);
    await planner.getByRole('button', { name: 'Add a probe or a switch' }).click();
    await planner.getByLabel('What people call it').fill('display probe');
    await planner.getByRole('button', { name: 'Put it on record' }).click();
    await expect(planner.getByText('display probe is on record.')).toBeVisible();
    await planner.getByRole('button', { name: 'Add an alarm' }).click();
    await planner.getByLabel('What it is called').fill('Cold at the display');
    await planner.getByRole('textbox', { name: /^Calls below/ }).fill('24.5');
    await planner.getByRole('textbox', { name: /^Calls below/ }).press('Tab');
    await planner.getByLabel('What it says, with what to do').fill('Look at the heater.');
    await planner.getByRole('checkbox', { name: 'Ines Callard' }).check();
    await planner.getByRole('button', { name: 'Write the alarm down' }).click();
    await expect(planner.getByText(/display probe is below 24\.5/)).toBeVisible();
    await planner.getByRole('button', { name: 'let a device report' }).click();
    await planner.getByLabel('What it is called').fill('Watch box');
    await planner.getByRole('button', { name: 'Make its token' }).click();
    const told = await planner.getByText(/Its token, told once: vl_/).textContent();
    const token = /vl_\w+/.exec(told ?? '')?.[0] as string;

    // Eleven minutes of cold, reported in one go when the line is back.
    const { sensors } = await propsOf<{ sensors: { key: string }[] }>(planner, at);
    const rows = Array.from({ length: 12 }, (_, n) => ({
        seq: n,
        boot: 0,
        upMs: n * 60_000,
        kind: 'reading',
        id: sensors[0].key,
        value: 23.9,
    }));
    const report = () =>
        planner.request.post('/api/v1/link/batches', {
            headers: { Authorization: `Bearer ${token}`, Accept: 'application/json' },
            data: { schema: 1, run: 'one', boot: 0, sentUpMs: 11 * 60_000, rows },
        });
    expect(await (await report()).json()).toMatchObject({ stored: 12, refused: [] });
    expect(await (await report()).json()).toMatchObject({ stored: 0, repeated: 12 });

    const technician = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 }, hasTouch: true });
    await technician.goto('/');
    await expect(technician.getByRole('heading', { name: 'Trouble now' })).toBeVisible();
    await technician.goto('/alarms');
    const trouble = technician.getByRole('article').filter({ hasText: place.name });
    await expect(trouble.getByText('Look at the heater.')).toBeVisible();
    // The call goes out by itself, a second later.
    await expect(trouble.getByRole('listitem').first()).toContainText('called', { timeout: 15_000 });
    expect(await technician.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await trouble.getByRole('button', { name: 'I have it' }).click();
    await expect(trouble.getByText(/has it since/)).toBeVisible();
    await expect(trouble.getByRole('button', { name: 'I have it' })).toHaveCount(0);
});
