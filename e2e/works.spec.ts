import { expect, pageAs, test } from './as';
import { at } from './world';

test('a lamp joins a running system: in turn, read with a meter, in the register, and given up with its reason', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner');
    const system = await at(page, 'system', 'Bar reef');
    const name = `Second lamp ${Date.now()}`;
    await page.goto(`${system}/works`);
    await page.getByRole('button', { name: 'Change something' }).click();
    await page.getByLabel('What is changed').selectOption({ label: 'a lamp' });
    await page.getByLabel('How').selectOption({ label: 'add' });
    await page.getByLabel('What you call it').fill(name);
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(page.getByRole('heading', { name })).toBeVisible();

    // What comes later says what comes first, and cannot be said yet.
    const hung = page.locator('#step-hung');
    await expect(hung).toContainText('First: Light read with a meter');
    await expect(hung.getByRole('button')).toHaveCount(0);
    const done = page.getByRole('button', { name: 'Done', exact: true });
    await done.click();
    await expect(page.getByText('1 of 8 done')).toBeVisible();
    await done.click();
    await expect(page.getByText('2 of 8 done')).toBeVisible();

    await page.getByLabel('What it is called now').fill(name);
    await page.getByLabel('It draws, W').fill('95');
    await page.getByLabel('Why, in a few words').fill('the corner is dark');
    await page.getByRole('button', { name: 'It is in its place' }).click();
    await expect(page.getByText('3 of 8 done')).toBeVisible();

    // Too bright for its first day: kept, since it was read, and it goes no further.
    const read = page.locator('#step-light-read-again');
    await read.getByLabel('Read, %').fill('140');
    await read.getByRole('button', { name: 'Done' }).click();
    await expect(read).toContainText('It may not go on like this: it wants');
    await expect(page.locator('#step-ramp-set').getByRole('button')).toHaveCount(0);
    await read.getByLabel('Read, %').fill('105');
    await read.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByText('4 of 8 done')).toBeVisible();

    await page.goto(`${system}/register`);
    await expect(page.getByText(name).first()).toBeVisible();
    await page.goto('/moves');
    await page.getByRole('link', { name }).click();
    await page.getByLabel('Why it is given up as it stands').fill('the owner likes it dark');
    await page.getByRole('button', { name: 'Give it up' }).click();
    await expect(page.getByRole('link', { name })).toContainText('ended');
});

test('without signal a work goes on in turn, with its photo, and is sent as it was said', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    const system = await at(page, 'system', 'Bar reef');
    const name = `Cellar lamp ${Date.now()}`;
    await page.goto(`${system}/works`);
    await page.getByRole('button', { name: 'Change something' }).click();
    await page.getByLabel('What is changed').selectOption({ label: 'a lamp' });
    await page.getByLabel('How').selectOption({ label: 'add' });
    await page.getByLabel('What you call it').fill(name);
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(page.getByRole('heading', { name })).toBeVisible();

    await page.context().setOffline(true);
    await expect(page.getByText('No signal.')).toBeVisible();
    const first = page.locator('.worksteps > li').first();
    await first.getByLabel('What was found, if anything').fill('cellar has no signal');
    await first.getByLabel('Photo, if it helps').setInputFiles({
        name: 'lamp.png',
        mimeType: 'image/png',
        buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            'base64',
        ),
    });
    await first.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByText(/^Said here/)).toHaveCount(1);
    // The next one opens without asking the office, and so does the register.
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByText('2 not sent yet')).toBeVisible();
    await page.getByLabel('What it is called now').fill(name);
    await page.getByLabel('Why, in a few words').fill('the corner is dark');
    await page.getByRole('button', { name: 'It is in its place' }).click();
    await expect(page.getByText('3 not sent yet')).toBeVisible();
    await expect(page.getByText('0 of 8 done')).toBeVisible();

    await page.context().setOffline(false);
    await expect(page.getByText('3 of 8 done')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText('not sent yet')).toHaveCount(0);
    await page.getByText('3 done').click();
    await expect(page.getByText('cellar has no signal')).toBeVisible();
    await expect(page.getByRole('link', { name: 'photo' })).toHaveCount(1);
    await page.getByLabel('Why it is given up as it stands').fill('only tried');
    await page.getByRole('button', { name: 'Give it up' }).click();
});

test('a coral is lifted on the plan of its tank and keeps its home; fish go to another system and are counted once', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner');
    const system = await at(page, 'system', 'Bar reef');
    const coral = `Montipora ${Date.now()}`;
    await page.goto(`${system}/stock`);
    await page.getByRole('button', { name: 'Add an animal' }).click();
    await page.getByLabel('What it is').fill(coral);
    await page.getByLabel('Kind').selectOption({ label: 'coral' });
    await page.getByLabel('Light it wants, from').fill('150');
    await page.getByLabel('to, µmol/m²/s').fill('300');
    await page.getByRole('button', { name: 'Keep' }).click();
    const row = page.locator('.stocklist > li').filter({ hasText: coral });
    await row.getByRole('button', { name: coral }).click();
    await page.locator('.stockplan .tank').click({ position: { x: 200, y: 60 } });
    await row.getByLabel('Light there, µmol/m²/s').fill('200');
    await row.getByRole('button', { name: 'Its home' }).click();
    await expect(row.getByText(/^Home: /)).toBeVisible();
    await page.locator('.stockplan .tank').click({ position: { x: 400, y: 90 } });
    await row.getByLabel('Light there, µmol/m²/s').fill('40');
    await row.getByRole('button', { name: 'Lifted to there' }).click();
    await expect(row.getByText(/^lifted; home:/)).toBeVisible();
    await expect(row.getByText(/stands at 40.*wants 150/)).toBeVisible();

    const fish = `Chromis ${Date.now()}`;
    await page.getByRole('button', { name: 'Add an animal' }).click();
    await page.getByLabel('What it is').fill(fish);
    await page.getByLabel('How many').fill('5');
    await page.getByLabel('Length of one, cm').fill('7');
    await page.getByRole('button', { name: 'Keep' }).click();
    const school = page.locator('.stocklist > li').filter({ hasText: fish });
    await school.getByRole('button', { name: fish }).click();
    await school.getByRole('button', { name: 'Goes elsewhere' }).click();
    await school.getByLabel('How many').fill('2');
    await school.getByLabel('Into').selectOption({ label: 'Living room, Cliff house' });
    await school.getByLabel('Why').fill('calmer there');
    await school.getByRole('button', { name: 'They go there' }).click();
    await expect(page.getByText('They live in Living room now.')).toBeVisible();
    await expect(page.getByRole('button', { name: `3 × ${fish}` })).toBeVisible();
    await page.goto(`${await at(page, 'system', 'Living room')}/stock`);
    await expect(page.getByRole('button', { name: `2 × ${fish}` })).toBeVisible();
});

test('a refugium joins a running system: tested first, and what hung on the litres is confirmed one by one', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner');
    const system = await at(page, 'system', 'Window reef');
    const name = `Refugium ${Math.random().toString(36).slice(2, 6)}`;
    await page.goto(`${system}/register`);
    await page.getByRole('button', { name: 'A vessel joins' }).click();
    const form = page.locator('form.typing').filter({ hasText: 'What people call it' });
    await form.getByLabel('What people call it').fill(name);
    for (const [label, mm] of [
        ['Long, outside', '500'],
        ['Front to back', '400'],
        ['High', '400'],
        ['Water in it, deep', '250'],
        ['Panes', '8'],
        ['Stands above the floor', '1200'],
        ['Runs down when its pump stops', '20'],
    ])
        await form.getByLabel(label).fill(mm);
    await form.getByLabel('fed by a pump of its own').check();
    const join = form.getByRole('button', { name: 'It is part of it from today' });
    await join.click();
    // Nobody has filled it on its place: it stays out, and what was typed stands there.
    await expect(form.locator('.wrong, .invalid-feedback, [role=alert]').first()).toBeVisible();
    await expect(form.getByLabel('What people call it')).toHaveValue(name);
    await form.getByLabel(/it has held water on its place for a day/).check();
    await form.getByLabel(/filled behind its closed valve/).check();
    await join.click();
    await expect(form).toHaveCount(0);
    await expect(page.getByText(name).first()).toBeVisible();

    const margin = page.getByRole('complementary', { name: 'Standing notes and findings' });
    const count = async () =>
        Number((await margin.getByText(/^Re-opened: \d+ to confirm$/).innerText()).replace(/\D/g, ''));
    const open = await count();
    expect(open).toBeGreaterThan(1);
    const ripple = margin.getByRole('article').first();
    await ripple.getByRole('button', { name: 'confirm it' }).click();
    await ripple.getByRole('textbox').fill('looked at');
    await ripple.getByRole('button', { name: 'confirmed' }).click();
    await expect.poll(count).toBe(open - 1);
    await page.goto(system);
    await expect(page.getByRole('img', { name: /[Ss]ection/ }).first()).toBeVisible();
    await expect(page.getByText(name).first()).toBeVisible();
});
