import { expect, pageAs, test } from './as';
import { ownPlace, post, propsOf } from './own';

const box = (id: string, litres: number, wall: string, airLMin = 0) => ({
    id,
    label: `box ${id.slice(1)}`,
    litres,
    wall,
    lengthMm: 600,
    widthMm: 400,
    heightMm: 320,
    airLMin,
    airHours: airLMin ? 24 : null,
});
const piece = (id: string, kind: string, lengthMm: number, widthMm: number, heightMm: number, kg: number) => ({
    id,
    label: id,
    kind,
    lengthMm,
    widthMm,
    heightMm,
    kg,
    verdict: 'sound',
});

/** A cold move of four people that holds, but for what a journey changes. */
function brief(people: { id: string; label: string }[]) {
    return {
        beginsMin: 540,
        truckBackMin: 1200,
        leaveByMin: null,
        fish: 'last',
        people: [
            ...people.map((p) => ({ ...p, limitKg: 25 })),
            { id: 'h1', label: 'neighbour', limitKg: 25, spare: true },
        ],
        planB: { days: 5, otherDay: '2099-01-08' },
        animals: [
            { id: 'a1', label: 'tang', count: 1, lengthCm: 16, box: 'b1' },
            { id: 'a2', label: 'corals', coral: true, count: 10, box: 'b2' },
        ],
        boxes: [box('b1', 33, 'foam', 5), box('b2', 28, 'foam')],
        pieces: [
            piece('tank', 'tank', 900, 500, 500, 36),
            piece('stand', 'stand', 900, 500, 800, 30),
            { ...piece('rock', 'rock', 600, 400, 320, 30), verdict: null },
            { ...piece('sand1', 'sand', 400, 300, 300, 36), verdict: null },
            { ...piece('sand2', 'sand', 400, 300, 300, 36), verdict: null },
            { ...piece('sand3', 'sand', 400, 300, 300, 36), verdict: null },
        ],
        way: { driveMin: 40, outdoorC: 8, loadC: 12, cabinC: 18, roomFromC: 22, roomToC: 22 },
        waters: {
            oldL: 150,
            newL: 100,
            drainLh: 600,
            fillLh: 500,
            old: { temperature: 25.5, salinity: 35, ph: 8.1 },
            fresh: { temperature: 25.5, salinity: 35, ph: 8.2 },
            limits: {},
        },
        holding: {
            litres: 400,
            heaterW: 300,
            aired: true,
            lidded: true,
            borne: true,
            proved: true,
            person: 'Ada',
            lit: true,
            place: 'our depot',
        },
        truck: { lengthMm: 3200, widthMm: 1700, heightMm: 1800, payloadKg: 1050, crewKg: 300 },
        ticks: [],
    };
}

test('a move is planned from a record, and says what breaks it', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Moving');
    await planner.goto('/moves');
    await planner.getByRole('button', { name: 'Plan a move' }).click();
    await planner.getByLabel('What you call it').fill('Down the hill');
    await planner.getByLabel('From').selectOption({ label: place.name });
    await planner.getByLabel('Which system').selectOption({ index: 1 });
    await planner.getByRole('button', { name: 'Begin the plan' }).click();
    await expect(planner.getByRole('heading', { name: 'Down the hill' })).toBeVisible();
    await expect(planner.locator('.standing', { hasText: 'The course still needs' })).toContainText('who comes');
    const margin = planner.getByRole('complementary', { name: 'Margin' });

    const at = new URL(planner.url()).pathname.replace('/plan', '');
    const first = await propsOf<{ people: { id: number; name: string }[]; move: { revision: number } }>(
        planner,
        `${at}/plan`,
    );
    const people = first.people.slice(0, 4).map((p) => ({ id: `u${p.id}`, label: p.name }));
    await post(planner, at, { ...brief(people), revision: first.move.revision }, 'PUT');

    await planner.goto(`${at}/plan`);
    await expect(planner.getByText('Everything here is kept.')).toBeVisible();
    await expect(margin.getByText(/Nobody has agreed to plan B: who agreed, when/)).toBeVisible();
    await planner.getByLabel('Agreed by').fill('the client');
    await planner.getByLabel('Agreed by').press('Tab');
    await planner.getByLabel('on', { exact: true }).fill('2026-11-20');
    await expect(margin.getByText(/Nobody has agreed to plan B/)).toHaveCount(0);
    await expect(margin.getByText(/No photo shows what was found of tank/)).toBeVisible();
    const ends = planner.locator('.endsline');
    await expect(ends).toContainText(/Done by \d\d:\d\d\..*“the truck back” has .* in hand/);
    // Minus six, and a thin bin: by keyboard, answered at once.
    await planner.getByLabel('Outside').fill('-6');
    await planner.getByLabel('Outside').press('Tab');
    await planner.getByLabel('Load space').fill('-6');
    await planner.getByLabel('Load space').press('Tab');
    await planner.getByLabel('box 1 is of').selectOption('bin');
    await expect(margin.getByText(/box 1 comes down to/)).toBeVisible();
    await planner.getByLabel('box 1 is of').selectOption('foam');
    await expect(margin.getByText(/box 1 comes down to/)).toHaveCount(0);
    await planner.getByLabel('The truck is back by').fill('11:30');
    await planner.getByLabel('The truck is back by').press('Tab');
    await expect(margin.getByText(/“the truck back” is missed by/)).toBeVisible();
    await expect(ends).toContainText(/“the truck back” is missed by/);
    await planner.getByRole('button', { name: 'one step back' }).click();
    await expect(margin.getByText(/“the truck back” is missed by/)).toHaveCount(0);
    await planner.getByLabel('piece 2 was found').selectOption('cracked');
    await expect(margin.getByText('stand is cracked')).toBeVisible();
    // Who rides with whom: fish and corals apart, no fewer boxes.
    await planner.getByRole('button', { name: /^Put them into 2 boxes/ }).click();
    await expect(planner.getByLabel('box of animal 1')).toHaveValue('b2');
    await expect(planner.getByText('Everything here is kept.')).toBeVisible();

    await planner.getByRole('link', { name: 'The day' }).click();
    await expect(planner.getByRole('img', { name: /The course of the day/ })).toBeVisible();
    await expect(planner.getByText(/Done by \d\d:\d\d\./)).toBeVisible();
    await expect(planner.getByRole('img', { name: /Where everything rides/ })).toBeVisible();

    // What goes along: our own line, packed, and one of two not back.
    const rope = `Rope ${place.name}`;
    await planner.getByRole('link', { name: 'Take along' }).click();
    await planner.getByLabel('What else is taken along').fill(rope);
    await planner.getByLabel('How many').fill('2');
    await planner.getByLabel('Whose, if it is not ours').fill('Ada');
    await planner.getByRole('button', { name: 'Add it' }).click();
    const adas = planner.getByRole('list', { name: 'What is Ada’s' });
    await adas.getByRole('button', { name: `${rope}: packed` }).click();
    await adas.getByRole('button', { name: `${rope}: not all of it` }).click();
    await adas.getByLabel(`how many of ${rope} are back`).fill('1');
    await adas.getByRole('button', { name: 'Keep' }).click();
    await expect(adas).toContainText('1 not back');
    await expect(planner.getByText(/1 of \d+ packed, 1 not back$/)).toBeVisible();
    await planner.getByRole('button', { name: `${rope}: no more` }).click();
    await expect(planner.getByRole('button', { name: `${rope}: no more` })).toHaveCount(0);
    // It left the list while one of it is along: it is missed all the same, and goes once it is back.
    await expect(adas).toContainText('1 not back');
    await adas.getByRole('button', { name: `${rope}: back` }).click();
    // Once the office has heard of it the line is gone, at once or by the next look.
    await expect(async () => {
        await planner.reload();
        await expect(planner.getByText(rope)).toHaveCount(0, { timeout: 3_000 });
    }).toPass();

    // Plan B: the holding is filled, and becomes a system that is looked at until the last animal is home.
    await planner.goto(`${at}/plan`);
    await planner.getByRole('button', { name: `Put it on record at ${place.name}` }).click();
    await expect(planner.getByText('is in use: isolated')).toBeVisible();
    await planner.getByLabel('Animals home, counted').fill('10');
    await planner.getByRole('button', { name: 'The last one is home' }).click();
    await expect(planner.getByText('11 are listed, 10 came home')).toBeVisible();
    await planner.getByLabel('Animals home, counted').fill('11');
    await planner.getByRole('button', { name: 'The last one is home' }).click();
    await expect(planner.getByText('is empty: all are home.')).toBeVisible();
});

test('the day on a phone: what is said without signal goes later, and a late stage says what to leave', async ({
    browser,
}) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Moving day');
    const now = new Date();
    const at = await post(planner, '/moves', {
        name: 'Today’s move',
        kind: 'house',
        from_site_id: place.site,
        system_id: place.system,
        on: now.toISOString().slice(0, 10),
    });
    const move = at.replace('/plan', '');
    const first = await propsOf<{
        people: { id: number; name: string }[];
        move: { revision: number; beginsAt: string };
    }>(planner, at);
    const ines = first.people.filter((p) => p.name.startsWith('Ines'));
    const others = first.people.filter((p) => !p.name.startsWith('Ines')).slice(0, 3);
    const people = [...ines, ...others].map((p) => ({ id: `u${p.id}`, label: p.name }));
    // The work began twenty minutes ago, whatever hour it is.
    const midnight = new Date(first.move.beginsAt).getTime() - 600 * 60_000;
    const begins = Math.min(1400, Math.max(0, Math.floor((now.getTime() - midnight) / 60_000) - 20));
    const tight = { ...brief(people), beginsMin: begins, truckBackMin: begins + 300 };
    await post(planner, move, { ...tight, revision: first.move.revision }, 'PUT');
    const ago = new Date(now.getTime() - 20 * 60_000).toISOString();
    const began = { uuid: crypto.randomUUID(), kind: 'began', at: ago, payload: { of: 'off' } };
    await post(planner, `${move}/entries`, { entries: [began] });

    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 } });
    await phone.goto(`${move}/go`);
    const step = (name: string) => phone.getByRole('article').filter({ hasText: name });
    await expect(step('doser, feeder, top-off off').getByRole('button', { name: 'Done' })).toBeVisible();

    await phone.context().setOffline(true);
    await step('doser, feeder, top-off off').getByRole('button', { name: 'Done' }).click();
    await phone.getByLabel(/^box 1/).fill('24.3');
    await phone.locator('form.boxread').first().getByRole('button', { name: 'Keep' }).click();
    await phone.locator('.goplaces input[type=file]').setInputFiles({
        name: 'scape.png',
        mimeType: 'image/png',
        buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            'base64',
        ),
    });
    await expect(phone.getByText('3 not sent yet')).toBeVisible();
    await expect(phone.getByText('1 photo on this phone, not sent yet')).toBeVisible();
    await expect(phone.getByText('No signal.')).toBeVisible();
    await phone.context().setOffline(false);
    await expect(phone.getByText('all sent')).toBeVisible({ timeout: 15_000 });
    await expect(phone.getByText('1 of')).toBeVisible();
    await expect(phone.getByRole('link', { name: 'where the corals stand, photo 1' })).toBeVisible();

    // Heads are counted box by box, one thing at a time: in, on the truck, off it, out; who is missed is signed for.
    const boxed = phone.getByRole('article').filter({ has: phone.getByLabel('How many are in box 1') });
    await expect(boxed).toContainText('Meant for it: 1.');
    await phone.context().setOffline(true);
    await phone.getByLabel('How many are in box 1').fill('some');
    await boxed.getByRole('button', { name: 'Counted in' }).click();
    await expect(boxed.getByRole('alert')).toHaveText('A whole number, please.');
    await phone.getByLabel('How many are in box 1').fill('');
    await boxed.getByRole('button', { name: 'Counted in' }).click();
    await phone.getByRole('button', { name: 'box 1 is on the truck' }).click();
    await phone.getByRole('button', { name: 'box 1 is off the truck' }).click();
    await phone.getByLabel('How many come out of box 1').fill('0');
    await phone.getByRole('button', { name: 'Counted out' }).click();
    const box1 = phone.locator('.gobox').first();
    await expect(box1.getByRole('alert')).toContainText('did not come out: look through the box');
    await box1.getByRole('button', { name: 'sign for a loss in box 1' }).click();
    await box1.getByRole('button', { name: 'I sign for one' }).click();
    await expect(box1).toContainText('signed for as lost. ');
    await phone.context().setOffline(false);
    await expect(phone.getByText('all sent')).toBeVisible({ timeout: 15_000 });

    // It took twice as long: the end no longer holds, and the office is told what may be left.
    await planner.goto(move);
    await expect(planner.getByText(/Today takes \d+ % of what was planned/)).toBeVisible();
    await expect(planner.getByRole('cell', { name: /read 24\.3/ })).toBeVisible();
    const drops = planner.getByRole('region', { name: 'What may be left' });
    await expect(drops).toContainText('rinse the sand');
    await expect(planner.getByRole('region', { name: 'What else would mend it' })).toContainText('plan B');
    await drops.getByRole('button', { name: 'Leave it' }).first().click();
    await expect(planner.getByRole('table').last()).not.toContainText('rinse the sand');
});
