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

test('a log is read from a file, taken in, and taken back when it was the wrong one', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Log');
    const at = await post(planner, `/sites/${place.site}/controllers`, { name: 'Logger' });
    await planner.goto(at);
    await planner.getByRole('button', { name: 'Add a probe or a switch' }).click();
    await planner.getByLabel('What people call it').fill('display probe');
    await planner.getByRole('button', { name: 'Put it on record' }).click();
    await expect(planner.getByText('display probe is on record.')).toBeVisible();
    const hours = Array.from({ length: 24 }, (_, h) => `2026-03-09 ${String(h).padStart(2, '0')}:15;25,${h % 3}`);
    const file = ['time;temp display;note', ...hours, '2026-03-10 00:15;warm;x', 'yesterday;25,1;x'].join('\n');
    const input = planner.getByRole('button', { name: 'A log from a file' });
    await input.setInputFiles({ name: 'march.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
    await planner.getByLabel('What time is').selectOption({ label: 'the moment' });
    await planner.getByLabel('What temp display is').selectOption({ label: 'display probe' });
    await expect(planner.getByText(/26 lines, 25 values\s+from 9 Mar 2026/)).toBeVisible();
    await expect(planner.getByText('“warm” is no number')).toBeVisible();
    await planner.getByRole('button', { name: 'Take in 25 values' }).click();
    await expect(planner.getByText('24 values are in')).toBeVisible();
    await expect(planner.getByText('“yesterday” is no moment this can read')).toBeVisible();
    const taken = planner.getByRole('list', { name: 'Logs that were taken in' });
    await expect(taken).toContainText('24 values');
    await taken.getByRole('button', { name: 'take it back' }).click();
    await taken.getByLabel('What was wrong with it').fill('the room’s column');
    await taken.getByRole('button', { name: 'Take it back; its readings are marked' }).click();
    await expect(taken).toContainText('the room’s column. It counts no more.');
});

test('an outlet is asked for something else for a while, and its controller answers', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Order');
    await post(planner, `/systems/${place.system}/items`, {
        job: 'skimmer',
        name: 'Skimmer 1',
        watts: 30,
        installed_precision: 'day',
        state: 'tested',
    });
    const at = await post(planner, `/sites/${place.site}/controllers`, { name: 'Order head' });
    await post(planner, `${at}/strips`, { name: 'S', count: 1, own_clock: false, circuit_id: null });
    interface Props {
        strips: { outlets: { id: number; key: string }[] }[];
        loose: { id: number }[];
        orders: { id: number; state: string }[];
    }
    const { strips, loose } = await propsOf<Props>(planner, at);
    const [outlet] = strips[0].outlets;
    await post(planner, `/outlets/${outlet.id}`, { name: 'S1', is_labelled: true, items: [loose[0].id] }, 'PUT');
    const does = { id: outlet.key, place: 'skimmer', lostLink: 'off', rule: { kind: 'on' } };
    await post(planner, at, { revision: 0, outlets: [does], guards: [] }, 'PUT');
    await post(planner, `${at}/activate`, { why: 'first', entered: true });
    await post(planner, `${at}/devices`, { name: 'Order box', kind: 'real' });
    await planner.goto(at);
    const token = /vl_\w+/.exec((await planner.getByText(/told once: vl_/).textContent()) ?? '')?.[0] as string;
    const link = (path: string, data: unknown) =>
        planner.request.post(`/api/v1/link/${path}`, {
            headers: { Authorization: `Bearer ${token}`, Accept: 'application/json' },
            data: data as never,
        });
    const report = (seq: number) =>
        link('batches', {
            schema: 1,
            run: 'one',
            boot: 0,
            sentUpMs: seq * 1000,
            rows: [{ seq, boot: 0, upMs: seq * 1000, kind: 'outlet', id: outlet.key, on: true, watts: 30 }],
        });
    await report(1);
    await planner.reload();
    await planner.getByRole('button', { name: /^S1, skimmer: on/ }).click();
    await planner.getByRole('radio', { name: 'off' }).check();
    await planner.getByLabel('because').fill('its cup is full');
    await planner.getByRole('button', { name: 'Ask the controller' }).click();
    await expect(planner.getByText(/its cup is full · asked .* waits to be fetched/)).toBeVisible();
    const { orders } = (await (await report(2)).json()) as { orders: { id: number; want: number }[] };
    expect(orders).toMatchObject([{ want: 0, forS: 1200, why: 'its cup is full' }]);
    await link(`orders/${orders[0].id}`, { answer: 'taken' });
    await planner.reload();
    await expect(planner.getByText(/^skimmer is off by order until/)).toBeVisible();
    await planner.getByRole('button', { name: /^S1, skimmer/ }).click();
    await planner.getByRole('button', { name: 'end it now' }).click();
    await expect(planner.getByText(/its end waits to be fetched/)).toBeVisible();
});
