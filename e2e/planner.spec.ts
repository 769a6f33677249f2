import { execFileSync } from 'node:child_process';
import { allKept, expect, open, pageAs, test, type } from './as';
import { dayFromNow, post, propsOf } from './own';
import { at, leadsTo, ownPlan } from './world';

test('a survey on a phone: facts, the way in, and a sheet for the pen', async ({ browser }) => {
    const page = await pageAs(browser, 'planner', { viewport: { width: 390, height: 844 }, hasTouch: true });
    await page.goto('/places');
    await page.getByRole('button', { name: 'New client' }).click();
    await page.getByLabel('Name of the client').fill('Family Orrin');
    await page.getByRole('button', { name: 'Open the file' }).click();
    await page.getByLabel('New place').fill('Mill loft');
    await page.getByRole('button', { name: 'Add the place' }).click();
    await page.getByLabel('Another room').fill('Attic');
    await page.getByRole('button', { name: 'Add it' }).click();
    await open(page, 'Space and services');
    await type(page, 'Clear height of the room', '2300');
    expect(
        (await page.getByLabel('Clear height of the room', { exact: true }).boundingBox())!.height,
    ).toBeGreaterThanOrEqual(44);
    await allKept(page);
    await page.getByRole('button', { name: 'another passage' }).click();
    await page.getByLabel('Passage 1: name').fill('Ladder hatch');
    await page.getByLabel('Passage 1: width, mm').fill('700');
    await page.getByLabel('Passage 1: height, mm').fill('1800');
    await page.getByLabel('Passage 1: width once everything is finished, mm').fill('520');
    await allKept(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const sheet = await page.request.get(
        (await page.getByRole('link', { name: 'Survey to fill in, PDF' }).getAttribute('href')) as string,
    );
    expect(execFileSync('pdftotext', ['-layout', '-', '-'], { input: await sheet.body() }).toString()).toMatch(
        /Ladder hatch\s+700.mm\s+1.800.mm/,
    );
});

test('one plan becomes three options, side by side, and the quote reads back what the page says', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner');
    const plan = await at(page, 'plan', 'Larger tank, timber floor');
    await page.goto(plan);
    await expect(page.getByLabel('Name of the plan')).toHaveValue('Larger tank, timber floor');
    const site = (await page
        .getByRole('navigation', { name: 'Where am I' })
        .getByRole('link')
        .last()
        .getAttribute('href')) as string;
    for (const [name, field, value] of [
        ['less rock', 'Rock, dry', '60'],
        ['more rock', 'Rock, dry', '120'],
    ] as const) {
        await page.goto(plan);
        await page.getByLabel('Another option: a copy under a new name').fill(`Larger tank, ${name}`);
        await page.getByRole('button', { name: 'Copy it' }).click();
        await expect(page.getByLabel('Name of the plan')).toHaveValue(`Larger tank, ${name}`);
        await open(page, 'Rock, sand, water');
        const taken = page.waitForResponse((r) => r.url().endsWith('/draft') && r.ok());
        await type(page, field, value);
        await taken;
        await expect(page.getByText('Everything is kept.')).toBeVisible();
    }
    await page.goto(`${site}/options`);
    const table = page.getByRole('table', { name: 'Options, line by line' });
    await expect(table.getByRole('columnheader')).toHaveCount(4);
    await expect(table.getByRole('row', { name: /^Rock, dry / }).first()).toContainText('60.0');
    await expect(table.getByRole('row', { name: /^A year of running/ })).toContainText('EUR');
    await expect(table.getByRole('row', { name: /^Display, gross/ })).toHaveCount(0);

    await page.goto('/plans?q=more+rock');
    await page.getByRole('link', { name: 'Larger tank, more rock' }).first().click();
    await page.getByRole('button', { name: 'Keep version 1' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Version 1' })).toBeVisible();
    const total = (
        await page
            .getByRole('row', { name: /^To pay/ })
            .locator('td')
            .last()
            .innerText()
    ).replace(/\s/g, '');
    const pdf = await page.request.get(
        (await page.getByRole('link', { name: 'Quote, PDF' }).getAttribute('href')) as string,
    );
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await pdf.body() })
        .toString()
        .replace(/[^\S\n]/g, '');
    expect(text).toContain(`Topay${total}`);
    expect(text).toMatch(/Rock,dry120\.?0?kg/);
});

test('a pump’s curve comes from a file, the tank takes another outline, and a thing in the cabinet is moved and given back', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner');
    await page.goto(await ownPlan(page, 'Larger tank, timber floor'));
    await expect(page.getByLabel('Name of the plan')).toHaveValue(/^Larger tank, timber floor, /);
    const meets = page.getByRole('heading', { name: /^Pump against line/ });
    const before = await meets.innerText();
    const points = page.getByLabel('read points from a CSV');
    await points.setInputFiles({
        name: 'curve.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('flow;head\n0;5,2\n3000;4\nmany;2'),
    });
    await expect(
        page.getByText('Line 4 is no pair of numbers: “many;2”. Nothing was taken.', { exact: false }),
    ).toBeVisible();
    await points.setInputFiles({
        name: 'curve.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('flow;head\n0;5,2\n3000;4\n7000;1'),
    });
    await expect(page.getByLabel('Point 3: head at that flow')).toHaveValue('1');
    await expect(meets).not.toHaveText(before);

    const vessels = page.getByRole('button', { name: /^Dosing vessels: / });
    await expect(vessels).not.toHaveAccessibleName(/placed by hand/);
    await vessels.focus();
    await page.keyboard.press('ArrowRight');
    await expect(vessels).toHaveAccessibleName(/placed by hand/);
    // Packed anew it is still the one the keys move.
    await expect(page.getByText('Everything is kept.')).toBeVisible();
    await expect(vessels).toBeFocused();
    await page.keyboard.press('Delete');
    await expect(vessels).not.toHaveAccessibleName(/placed by hand/);

    const litres = () => page.getByRole('row', { name: /^Display, gross/ }).innerText();
    const rectangular = await litres();
    await page.getByLabel('Shape', { exact: true }).selectOption('bow-front');
    await type(page, 'Bow: its middle stands forward', '9999');
    await expect(page.getByText('Allowed: 10', { exact: false })).toBeVisible();
    await type(page, 'Bow: its middle stands forward', '150');
    await expect.poll(litres).not.toBe(rectangular);
    await page.getByLabel('Shape', { exact: true }).selectOption('rectangular');
    await expect.poll(litres).toBe(rectangular);
    await expect(page.getByText('Everything is kept.')).toBeVisible();
});

test('on site with a phone: a joint that weeps is looked at again, a missed tool is offered, the rest is carried over', async ({
    browser,
}) => {
    // Whoever proves a stage works at that place, or is on call.
    const planner = await pageAs(browser, 'planner');
    await planner.goto('/rounds/roster');
    type Roster = { people: Record<string, string>; onCall: { id: number; who: string; untilOn: string }[] };
    const { people } = await propsOf<Roster>(planner, '/rounds/roster');
    const ines = Number(Object.keys(people).find((id) => people[id] === 'Ines Callard'));
    const days = { from_on: dayFromNow(-1), until_on: dayFromNow(3) };
    await post(planner, '/rounds/roster/on-call', { user_id: ines, ...days, position: 5 });

    const page = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 }, hasTouch: true });
    await page.goto(await leadsTo(planner, await at(planner, 'plan', 'Day room, new reef'), /^\/plan-versions\/\d+$/));
    await page.getByRole('button', { name: 'Filled and salted' }).click();
    const look = page.getByRole('button', { name: /^drain valve, at the next visit:/ });
    await look.click();
    await expect(look).toHaveText('dry');
    await look.click();
    await expect(look).toHaveText('weeps');
    await look.click();
    await expect(look).toHaveText('dry');
    await page.getByText('Something was missing, or is left over').first().click();
    await page.getByLabel('A tool that was missing').first().fill('strap wrench');
    await page.getByRole('button', { name: 'Offer it next time' }).first().click();
    await expect(page.getByText('“strap wrench” stands on the list from now on.')).toBeVisible();
    await expect(page.getByText(/Take along:.*strap wrench/)).toBeVisible();
    await page.getByText('Something was missing, or is left over').first().click();
    await page.getByLabel('Left over for the next visit').first().fill('second coat on the wall plate');
    await page.getByLabel('Whose').first().selectOption({ label: 'Ines Callard' });
    await page.getByRole('button', { name: 'Carry it over' }).first().click();
    await expect(page.getByText('It stands in the next visit, with its owner and day.')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const { onCall } = await propsOf<Roster>(planner, '/rounds/roster');
    const mine = onCall.find((o) => o.who === 'Ines Callard' && o.untilOn === days.until_on);
    await post(planner, `/rounds/roster/on-call/${mine?.id}`, {}, 'DELETE');
});
