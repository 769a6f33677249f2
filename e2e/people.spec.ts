import { createHmac } from 'node:crypto';
import { post, signIn } from './own';
import { at } from './world';
import type { Page } from '@playwright/test';
import { expect, pageAs, PASSWORD, test } from './as';

test('a forgotten password is replaced through the caught mail', async ({ browser, page }) => {
    await page.goto('/sign-in');
    await page.getByRole('link', { name: 'Forgot the password?' }).click();
    await expect(page.getByRole('heading', { name: 'A new password' })).toBeVisible();
    await page.getByLabel('Mail address').fill('noor@merrowick.example');
    await page.getByRole('button', { name: 'Send the link' }).click();
    await expect(page.getByText('If that address is known')).toBeVisible();

    const owner = await pageAs(browser, 'owner');
    // Mail is made and sent beside the request.
    await expect(async () => {
        await owner.goto('/settings/mail');
        await expect(owner.getByRole('article').filter({ hasText: 'noor@' }).first()).toBeVisible({ timeout: 1_000 });
    }).toPass({ timeout: 30_000 });
    const mail = owner.getByRole('article').filter({ hasText: 'noor@' }).first();
    const link = await mail.getByRole('link', { name: 'Follow the link' }).getAttribute('href');
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
    const mine = page.getByRole('table', { name: /Systems/ });
    await expect(mine.getByRole('row', { name: /Children’s corner/ })).toHaveCount(1);
    await expect(mine.getByRole('row', { name: /Study/ })).toHaveCount(0);
    await page.getByRole('link', { name: 'Long wall' }).click();
    await expect(page.getByTestId('section')).toBeVisible();
    await expect(page.getByText('In the margin')).toHaveCount(0);
    await expect(page.getByText('Standing note')).toHaveCount(0);
    await expect(page.getByRole('link', { name: 'Register' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Readings' }).click();
    await expect(page.getByRole('button', { name: 'Keep it' })).toHaveCount(0);
    await page.goto(await at(await pageAs(browser, 'planner'), 'system', 'Study'));
    await expect(page.getByRole('heading', { name: 'Not for you to see' })).toBeVisible();
    await page.goto('/systems/nowhere');
    await expect(page.getByRole('heading', { name: 'Not here' })).toBeVisible();
});

test('a code is shown on demand and the look stands in the trail', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    await page.goto(await at(page, 'place', 'Lobby'));
    await page.getByRole('button', { name: 'look (it is recorded)' }).click();
    await expect(page.locator('output')).toHaveText(/^\d{4}$/);
    const owner = await pageAs(browser, 'owner');
    await owner.goto('/settings/audit');
    await expect(owner.getByText(/looked at: Front door/).first()).toBeVisible();
});

/** The code a phone shows for that secret now (RFC 6238). */
function codeOf(secret: string, at = Date.now()): string {
    const bits = [...secret].map((c) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(c).toString(2).padStart(5, '0'));
    const key = Buffer.from((bits.join('').match(/.{8}/g) ?? []).map((b) => parseInt(b, 2)));
    const step = Buffer.alloc(8);
    step.writeBigUInt64BE(BigInt(Math.floor(at / 30_000)));
    const digest = createHmac('sha1', key).update(step).digest();
    const word = digest.readUInt32BE(digest[19] & 15) & 0x7fffffff;
    return String(word % 1_000_000).padStart(6, '0');
}

test('a second factor is set up from the phone, asked for at the door, and its paper opens once', async ({
    browser,
}) => {
    const page = await signIn(browser, 'wanda@merrowick.example');
    await page.goto('/settings/access');
    await page.getByLabel('Your password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Set it up' }).click();
    await expect(page.getByRole('img', { name: /The secret as a picture/ })).toBeVisible();
    const secret = (await page.locator('.factor code').textContent())?.replace(/\s/g, '') ?? '';
    await page.getByLabel('The code it shows now').fill('000000');
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect(page.getByText(/That code is not of now/)).toBeVisible();
    await page.getByLabel('The code it shows now').fill(codeOf(secret));
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect(page.getByText('they are shown once')).toBeVisible();
    const paper = await page.locator('.papercodes code').allTextContents();
    expect(paper).toHaveLength(10);

    for (const answer of [
        (door: Page) => expect(door.getByRole('heading', { name: /^My day/ })).toBeVisible(),
        (door: Page) => expect(door.getByText(/That code does not open/)).toBeVisible(),
    ]) {
        // A device of its own each time.
        const door = await (await browser.newContext()).newPage();
        await door.goto('/sign-in');
        await door.getByLabel('Mail address').fill('wanda@merrowick.example');
        await door.getByLabel('Password').fill(PASSWORD);
        await door.getByRole('button', { name: 'Sign in' }).click();
        await door.getByLabel('Code').fill(paper[0]);
        await door.getByRole('button', { name: 'Go in' }).click();
        await answer(door);
    }

    await page.reload();
    await expect(page.getByText('Codes on paper left: 9 of 10')).toBeVisible();
    await page
        .getByRole('button', { name: /^end it on/ })
        .first()
        .click();
    await expect(page.getByText('Signed out there.')).toBeVisible();
    await page.getByLabel('Your password').fill(PASSWORD);
    await page.getByRole('button', { name: 'turn it off' }).click();
    await expect(page.getByText('From now on the password alone lets you in.')).toBeVisible();
});

test('everything about a client leaves as a file; archived, it is erased for good', async ({ browser }) => {
    const owner = await pageAs(browser, 'owner');
    await owner.goto('/places');
    const name = `Family Quill ${Math.random().toString(36).slice(2, 6)}`;
    const client = await post(owner, '/clients', { name });
    await post(owner, `${client}/contacts`, { name: 'Orla Quill', phone: '0100 555 0999' });
    await owner.goto(client);
    await owner.getByRole('link', { name: 'Everything about this client' }).click();
    await owner.getByRole('button', { name: 'Make the file' }).click();
    const file = owner.getByRole('link', { name: /^client-\d+\.zip$/ });
    await expect(file).toBeVisible();
    const zip = await owner.request.get((await file.getAttribute('href')) as string);
    expect(zip.headers()['content-type']).toBe('application/zip');
    expect((await zip.body()).subarray(0, 2).toString()).toBe('PK');

    await owner.getByRole('button', { name: `Archive ${name}` }).click();
    await expect(owner.getByText('is archived; nothing is lost')).toBeVisible();
    await owner.getByLabel('Type the client’s name').fill('Family');
    await owner.getByLabel('Why').fill('as they asked, by letter');
    await owner.getByRole('button', { name: 'Erase for good' }).click();
    await expect(owner.getByText('Type the name exactly as it stands above.')).toBeVisible();
    await owner.getByLabel('Type the client’s name').fill(name);
    await owner.getByRole('button', { name: 'Erase for good' }).click();
    await expect(owner.getByText(/^Erased\. What was built/)).toBeVisible();
    await owner.goto(`${client}/data`);
    await expect(owner.getByRole('heading', { name: /^Everything about Erased client/ })).toBeVisible();
    await expect(owner.getByText('Orla Quill')).toHaveCount(0);
});
