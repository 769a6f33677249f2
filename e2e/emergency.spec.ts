import { readFile } from 'node:fs/promises';
import type { Download } from '@playwright/test';
import { expect, pageAs, test } from './as';
import { ownPlace } from './own';
import { at } from './world';

test('an incident on a phone without signal: the first three, a reading, and all of it arrives', async ({
    browser,
}) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Trouble');
    // The office has surveyed where the board is.
    await planner.goto(`/sites/${place.site}/ready`);
    const board = planner.getByRole('listitem').filter({ hasText: 'Switchboard' });
    await expect(board).toContainText('still to survey');
    await board.getByRole('button', { name: 'write it down' }).click();
    await board.getByLabel('In words a stranger follows in the dark').fill('sink');
    await board.getByRole('button', { name: 'Keep' }).click();
    await expect(board.getByText('In words a stranger can follow in the dark.')).toBeVisible();
    await board.getByLabel('In words a stranger follows in the dark').fill('Cellar, left of the door, breaker 7');
    await board.getByRole('button', { name: 'Keep' }).click();
    await expect(board).toContainText('breaker 7');

    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 } });
    await phone.goto(`/systems/${place.system}/risk`);
    await phone.getByRole('button', { name: 'Something is wrong now' }).click();
    await phone.getByRole('button', { name: 'Water on the floor' }).click();
    await expect(phone.getByRole('heading', { name: 'Water on the floor' })).toBeVisible();
    const three = phone.locator('ol.three').first().locator('> li');
    await expect(three).toHaveCount(3);
    await expect(three.first()).toContainText('breaker 7');
    await expect(three.first()).toContainText('Only from a dry place');
    await expect(three.nth(2)).toContainText('Leave the return on until somebody sees');

    await phone.context().setOffline(true);
    await three.first().getByRole('button', { name: 'Done' }).click();
    await phone.getByLabel('The water’s temperature').fill('23.4');
    await phone.locator('form.boxread').first().getByRole('button', { name: 'Keep' }).click();
    await phone.getByRole('button', { name: 'over the display' }).click();
    await phone.getByRole('button', { name: 'confirmed: somebody has looked' }).click();
    await expect(phone.getByText('4 not sent yet')).toBeVisible();
    await expect(phone.getByText('No signal.')).toBeVisible();
    await expect(three.first()).toContainText('done');
    // A reload of the browser is no loss; there is no page without signal, so it comes back first.
    await phone.context().setOffline(false);
    await expect(phone.getByText('not sent yet')).toHaveCount(0, { timeout: 15_000 });
    await phone.reload();
    await expect(three.nth(2)).toContainText('Return off: it feeds what runs over.');
    await expect(phone.getByText('confirmed: somebody has looked').first()).toBeVisible();
    await expect(phone.locator('ol.log')).toContainText('23.4');

    // Danger takes it back; the office reads it all and cannot close it yet.
    await phone.getByRole('button', { name: 'people are safe' }).click();
    await expect(phone.getByRole('button', { name: 'its source is stopped' })).toBeVisible({ timeout: 15_000 });
    await phone.getByRole('button', { name: 'Somebody is in danger' }).click();
    await expect(phone.getByRole('button', { name: 'people are safe' })).toBeVisible({ timeout: 15_000 });
    await planner.goto('/incidents');
    await planner.getByRole('link', { name: `Water on the floor: ${place.name} reef` }).click();
    await expect(planner.locator('ol.log')).toContainText('somebody is in danger');
    await expect(planner.getByRole('button', { name: 'Close it' })).toHaveCount(0);
});

test('what comes is written down ahead, and makes a job for whoever would reach harm', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    await planner.goto('/risk/storm');
    await planner.getByRole('button', { name: 'Write down what is coming' }).click();
    const form = planner.locator('form.typing');
    await form.getByLabel('What comes').selectOption('storm');
    const day = (ahead: number) => new Date(Date.now() + ahead * 86_400_000).toISOString().slice(0, 10);
    await form.getByLabel('From', { exact: true }).fill(`${day(20)}T20:00`);
    await form.getByLabel('Until').fill(`${day(20)}T19:00`);
    await form.getByLabel('Hours without power').fill('10');
    await form.getByLabel('Outside, °C').fill('-6');
    await form.getByRole('button', { name: 'Keep, and see who is exposed' }).click();
    await expect(form.getByText('It ends after it begins.')).toBeVisible();
    await form.getByLabel('Until').fill(`${day(21)}T06:00`);
    await form.getByRole('button', { name: 'Keep, and see who is exposed' }).click();
    await expect(planner.getByRole('heading', { name: /^Storm, / })).toBeVisible();
    await expect(planner.getByText('10 h without power, -6.0 °C outside')).toBeVisible();
    await expect(planner.locator('table.stormlist tbody tr').first()).toBeVisible();
    await planner.getByRole('button', { name: 'Make a job for each of these systems' }).click();
    await expect(planner.getByText(/in the rounds now, due the day before/)).toBeVisible();
    await planner.getByRole('button', { name: 'it is called off' }).click();
    await expect(planner.getByText('Called off. Its jobs stay in the rounds')).toBeVisible();
});

test('the emergency sheet opens on the phone once the signal is gone', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Dark');
    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 } });
    await phone.goto(`/systems/${place.system}/risk`);
    await phone.getByRole('button', { name: 'Something is wrong now' }).click();
    const kept = phone.waitForResponse(`**/sites/${place.site}/emergency.pdf`);
    await phone.getByRole('button', { name: 'Power cut' }).click();
    await (await kept).finished();
    await phone.waitForFunction(async () => (await (await caches.open('velbrin-sheets')).keys()).length > 0);
    await phone.context().setOffline(true);
    // A browser without a window has nothing to show a PDF in: it is handed over as a file.
    const handed = new Promise<Download>((take) => phone.context().on('page', (sheet) => sheet.on('download', take)));
    await phone.getByRole('link', { name: 'Emergency sheet of this place, PDF' }).click();
    const sheet = await handed;
    expect(sheet.url()).toMatch(/^blob:/);
    expect((await readFile(await sheet.path())).subarray(0, 5).toString()).toBe('%PDF-');
    await phone.context().setOffline(false);
});

test('a part is kept, brought in, moved and used; what is wanted stands on the list', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const name = `Float ${Math.random().toString(36).slice(2, 6)}`;
    await planner.goto('/stores');
    await planner.getByRole('button', { name: 'Keep another part' }).click();
    await planner.getByLabel('What it is').fill(name);
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(planner.getByText('Say which device it stands in for')).toBeVisible();
    await planner.getByLabel('It stands in for').selectOption({ label: 'Chiller' });
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    const row = planner.getByRole('row').filter({ has: planner.getByRole('button', { name }) });
    await expect(row).toContainText('nowhere');
    await row.getByRole('button', { name }).click();
    const opened = planner.locator('tr.opened');
    await opened.getByLabel('How many came').fill('2');
    await opened.getByLabel('Where they lie').selectOption({ label: 'Ropewalk depot' });
    await opened.getByRole('button', { name: 'Bring in' }).click();
    await expect(row).toContainText('2 Ropewalk depot');
    await opened.getByRole('button', { name: 'use', exact: true }).click();
    await opened.getByLabel('What for').selectOption({ label: 'thrown away' });
    await opened.getByLabel('How many', { exact: true }).fill('3');
    await opened.getByRole('button', { name: 'Book it' }).click();
    await expect(opened.getByText('Only 2 lie there.')).toBeVisible();
    await opened.getByLabel('How many', { exact: true }).fill('1');
    await opened.getByRole('button', { name: 'Book it' }).click();
    await expect(row).toContainText('1 Ropewalk depot');
});

test('without signal a reading puts the clock right, and the breaker begins one of its own', async ({ browser }) => {
    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 } });
    await phone.goto(`${await at(phone, 'system', 'Boardroom')}/risk`);
    await phone.getByRole('button', { name: 'Something is wrong now' }).click();
    await phone.getByRole('button', { name: 'Water on the floor' }).click();
    await expect(phone.getByRole('heading', { name: 'Water on the floor' })).toBeVisible();
    const clocks = phone.getByRole('list', { name: 'Hours left' }).getByRole('listitem');
    const before = await clocks.filter({ hasText: 'since the breaker is off' }).count();
    expect(before).toBe(0);
    await phone.context().setOffline(true);
    await phone.locator('ol.three').first().locator('> li').first().getByRole('button', { name: 'Done' }).click();
    const since = clocks.filter({ hasText: 'since the breaker is off' }).filter({ hasText: 'temperature' });
    await expect(since).toBeVisible();
    const hours = async () => parseInt(/(\d+) h/.exec((await since.textContent()) ?? '')?.[1] ?? '-1', 10);
    const untouched = await hours();
    expect(untouched).toBeGreaterThan(1);
    await phone.getByLabel('The water’s temperature').fill('19');
    await phone.locator('form.boxread').first().getByRole('button', { name: 'Keep' }).click();
    await expect.poll(hours).toBeLessThan(untouched);
    await expect(phone.getByText('2 not sent yet')).toBeVisible();
    await phone.context().setOffline(false);
    await expect(phone.getByText('not sent yet')).toHaveCount(0, { timeout: 15_000 });
    await phone.reload();
    await expect(since).toBeVisible();
    expect(await hours()).toBeLessThan(untouched);
});

test('a tap without signal begins an incident once there is some', async ({ browser }) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Tap');
    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 } });
    await phone.goto(`/systems/${place.system}/risk`);
    await phone.getByRole('button', { name: 'Something is wrong now' }).click();
    await phone.context().setOffline(true);
    await phone.getByRole('button', { name: 'Too hot' }).click();
    await expect(phone.getByText('No signal. It has begun')).toBeVisible();
    await phone.context().setOffline(false);
    await expect(phone.getByRole('heading', { name: 'Too hot' })).toBeVisible({ timeout: 20_000 });
});

test('an alarm on the floor is written down, and counts once it is known to lie where the floor is lowest', async ({
    browser,
}) => {
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Wet floor');
    await planner.goto(`/systems/${place.system}/risk`);
    await planner.getByRole('button', { name: 'Write down an alarm' }).click();
    await planner.getByLabel('Name').fill('Floor at the sump');
    await planner.getByLabel('It measures').selectOption('leak');
    await expect(planner.getByLabel(/^Calls under/)).toHaveCount(0);
    await planner.getByRole('checkbox', { name: 'A seam leaks' }).check();
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(planner.getByText('An alarm that calls nobody is none')).toBeVisible();
    await planner.getByLabel('Calls', { exact: true }).selectOption({ label: 'Teodor Brask' });
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    const line = planner.getByRole('listitem').filter({ hasText: 'Floor at the sump' });
    await expect(line).toContainText('nobody has said whether its sensor lies where the floor is lowest');
    await line.getByRole('button', { name: 'it called, somebody answered' }).click();
    await expect(line).toContainText('not known to lie where the floor is lowest');
    await line.getByRole('button', { name: 'change' }).click();
    await planner.getByLabel('Where its sensor lies').selectOption({ label: 'where the floor is lowest' });
    await planner.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(line).toContainText('tested, reaches somebody');
});
