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
