import { allKept, expect, open, pageAs, test } from './as';
import { ownPlace, post } from './own';
import { at } from './world';

test('what the first call says stands beside the plan, and its plugs, pumps and day are drawn as they are typed', async ({
    browser,
}) => {
    const page = await pageAs(browser, 'planner', { viewport: { width: 1280, height: 800 } });
    const plan = await at(page, 'plan', 'Larger tank, timber floor');
    await page.goto(plan);
    await expect(page.getByText('what is built or ordered is not asked yet')).toBeVisible();
    await page.getByRole('link', { name: 'ask it at the place' }).click();
    await page.getByRole('button', { name: 'write down what they say' }).click();
    await page.getByLabel('Built already').fill('a stand of oak, 1830 long');
    await page.getByLabel('Ordered already').fill('nothing');
    await page.getByLabel('Would spend, with tax').fill('twelve');
    await expect(page.getByText('An amount like 12500 or 12500.00, please.')).toBeVisible();
    await page.getByLabel('Would spend, with tax').fill('2500.50');
    await allKept(page);
    await page.goto(plan);
    await expect(page.locator('.enquiry summary')).toContainText('a stand of oak, 1830 long');

    // One strip cannot hang on two circuits: said at the cell, and what was typed stands.
    const margin = page.getByRole('complementary', { name: 'Findings' });
    const circuit = page.getByLabel('Device 5: number of its circuit');
    await expect(page.locator('.circuit')).toHaveCount(2);
    await circuit.fill('1');
    await circuit.press('Tab');
    await expect(
        page
            .getByText('Must be 2, as the rest of strip 3.')
            .or(page.getByText('Must be 1, as the rest of strip 3.'))
            .first(),
    ).toBeVisible();
    await page.getByLabel('Device 5: number of its power strip').fill('1');
    await page.getByLabel('Device 5: number of its power strip').press('Tab');
    await expect(margin.getByText('All heaters on strip 1')).toBeVisible();
    await expect(page.locator('.circuit').first()).toContainText('heater 2 300 W');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(margin.getByText('All heaters on strip 1')).toBeHidden();

    // Each channel its own band of the day.
    await expect(page.locator('.dayplan .band')).toHaveCount(1);
    const day = page.locator('details.metered', { has: page.getByText('The day of light') });
    await day.locator('summary').click();
    await day.getByRole('button', { name: 'each channel by its own day' }).click();
    await page.getByLabel('Channel 1: share of the light at full power').fill('60');
    await page.getByLabel('Channel 1: share of the light at full power').press('Tab');
    await day.getByRole('button', { name: 'one more channel' }).click();
    const second = page.getByLabel('Channel 2: share of the light at full power');
    await second.fill('seven');
    await second.press('Tab');
    await expect(day.getByText('“seven” is no number: what stood there before still counts.')).toBeVisible();
    await expect(second).toHaveValue('seven');
    // The answer to what was typed before arrives while the next is under the hand, and takes nothing away.
    const answered = page.waitForResponse((r) => r.url().endsWith('/draft'));
    await second.fill('70');
    await second.press('Tab');
    await second.fill('40');
    await answered;
    await expect(day.getByRole('alert')).toBeVisible();
    await expect(second).toHaveValue('40');
    await second.press('Tab');
    await expect(page.locator('.dayplan .band')).toHaveCount(2);

    // What they would spend is held against the quote, and bends nothing.
    await expect(page.getByText('Everything is kept.')).toBeVisible();
    await page.getByRole('link', { name: 'Version 1' }).click();
    await expect(page.getByText(/^The quote is [\d\s]+% over what they would spend\.$/)).toBeVisible();
});

test('on a phone a fact gets its photo', async ({ browser }) => {
    const phone = await pageAs(browser, 'planner', { viewport: { width: 390, height: 844 }, hasTouch: true });
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Photo wall');
    await post(planner, `/sites/${place.site}/rooms`, { name: 'Hall' });
    await phone.goto(`/sites/${place.site}`);
    await open(phone, 'Floor');
    const png = Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
        'base64',
    );
    const fact = phone.locator('.fact', { hasText: 'Storey' }).first();
    await fact.locator('input[type=file]').setInputFiles({ name: 'storey.png', mimeType: 'image/png', buffer: png });
    await expect(fact.getByRole('link', { name: /Storey, photo 1$/ })).toBeVisible();
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const photo = await phone.request.get(
        (await fact.getByRole('link', { name: /photo 1$/ }).getAttribute('href')) as string,
    );
    expect(photo.headers()['content-type']).toBe('image/png');
});

test('a choice is put on trial, judged with its words, and a lamp read with a meter is kept', async ({ browser }) => {
    const page = await pageAs(browser, 'planner', { viewport: { width: 1280, height: 800 } });
    const place = await ownPlace(page, 'Trial');
    await page.goto(`/systems/${place.system}/trials`);
    await page.getByRole('button', { name: 'Put something on trial' }).click();
    await page.getByLabel('What is tried').fill('Return at half speed by night');
    await page.getByLabel('What is expected').fill('nobody hears it, nothing silts up');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    // By eye it needs to be said how; what was typed stands.
    await expect(page.getByLabel('What is tried')).toHaveValue('Return at half speed by night');
    await page.getByLabel('How it will be judged').fill('detritus behind the rock, looked at each visit');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    const trial = page.getByRole('article').filter({ hasText: 'Return at half speed by night' });
    await trial.getByRole('button', { name: 'judge it early' }).click();
    await trial.getByLabel('Verdict').selectOption({ label: 'drop it' });
    await trial.getByLabel('What was seen').fill('a ring of dirt after nine days');
    await trial.getByRole('button', { name: 'Judge it', exact: true }).click();
    await expect(trial).toContainText('a ring of dirt after nine days');
    await page.getByRole('link', { name: 'By method, across systems' }).click();
    await expect(page.getByText('Return at half speed by night')).toBeVisible();

    await page.goto('/settings/lamps');
    await page.getByRole('button', { name: 'Measured grid of Tube bar, fill light' }).click();
    await page.getByLabel(/^Readings/).fill('12 40\n40 180 40');
    await page.getByRole('button', { name: 'Keep the grid' }).click();
    await expect(page.getByText(/Every row of the grid needs as many readings/)).toBeVisible();
    await page.getByLabel(/^Readings/).fill('12 40 12\n40 180 40\n12 40 12');
    await page.getByRole('button', { name: 'Keep the grid' }).click();
    await expect(page.getByRole('row', { name: /Tube bar, fill light/ })).toContainText('measured grid, 3 rows');
});
