import { expect, pageAs, test } from './as';

test('a forgotten password is replaced through the caught mail', async ({ browser, page }) => {
    await page.goto('/sign-in');
    await page.getByRole('link', { name: 'Forgot the password?' }).click();
    await expect(page.getByRole('heading', { name: 'A new password' })).toBeVisible();
    await page.getByLabel('Mail address').fill('noor@merrowick.example');
    await page.getByRole('button', { name: 'Send the link' }).click();
    await expect(page.getByText('If that address is known')).toBeVisible();

    const owner = await pageAs(browser, 'owner');
    await owner.goto('/settings/mail');
    const link = await owner.getByRole('link', { name: 'Follow the link' }).first().getAttribute('href');
    await page.goto(new URL(link as string).pathname + new URL(link as string).search);
    await page.getByLabel('New password').fill('harbour-bell-at-noon');
    await page.getByLabel('Once more').fill('harbour-bell-at-noon');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('The new password holds')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await page.getByLabel('Mail address').fill('noor@merrowick.example');
    await page.getByLabel('Password').fill('harbour-bell-at-noon');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: /^My day/ })).toBeVisible();
});

test('a client sees their own systems and none of our working', async ({ browser }) => {
    const page = await pageAs(browser, 'client');
    await page.goto('/systems');
    await expect(page.getByRole('table', { name: /Systems/ }).getByRole('row')).toHaveCount(3);
    await page.getByRole('link', { name: 'Long wall' }).click();
    await expect(page.getByTestId('section')).toBeVisible();
    await expect(page.getByText('In the margin')).toHaveCount(0);
    await expect(page.getByText('Standing note')).toHaveCount(0);
    await expect(page.getByRole('link', { name: 'Register' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Readings' }).click();
    await expect(page.getByRole('button', { name: 'Keep it' })).toHaveCount(0);
    await page.goto('/systems/9');
    await expect(page.getByRole('heading', { name: 'Not for you to see' })).toBeVisible();
    await page.goto('/systems/99999');
    await expect(page.getByRole('heading', { name: 'Not here' })).toBeVisible();
});

test('a code is shown on demand and the look stands in the trail', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    await page.goto('/sites/2');
    await page.getByRole('button', { name: 'look (it is recorded)' }).click();
    await expect(page.locator('output')).toHaveText(/^\d{4}$/);
    const owner = await pageAs(browser, 'owner');
    await owner.goto('/settings/audit');
    await expect(owner.getByText(/looked at: Front door/).first()).toBeVisible();
});
