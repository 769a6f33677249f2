import { test as base, expect, type Browser, type Page } from '@playwright/test';

export const PASSWORD = 'tide-and-lantern';
const MAIL = {
    owner: 'marit@merrowick.example',
    planner: 'teodor@merrowick.example',
    technician: 'ines@merrowick.example',
    client: 'amrei@tolland.example',
};
export type Role = keyof typeof MAIL;

const states = new Map<Role, Awaited<ReturnType<Awaited<ReturnType<Browser['newContext']>>['storageState']>>>();

async function signedIn(browser: Browser, role: Role) {
    const context = await browser.newContext();
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.getByLabel('Mail address').fill(MAIL[role]);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL((url) => url.pathname === '/');
    const state = await context.storageState();
    await context.close();
    return state;
}

/** A page signed in as that role; the door is passed once per role, since it counts its visitors. */
export async function pageAs(
    browser: Browser,
    role: Role,
    options: Parameters<Browser['newContext']>[0] = {},
): Promise<Page> {
    const state = states.get(role) ?? (await signedIn(browser, role));
    states.set(role, state);
    const context = await browser.newContext({ ...options, storageState: state });
    const page = await context.newPage();
    page.on('pageerror', (error) => {
        throw error;
    });
    return page;
}

/** Opens a group of the brief and types one fact. */
export async function type(page: Page, label: string, value: string) {
    await page.getByLabel(label, { exact: true }).fill(value);
}

export async function open(page: Page, group: string) {
    const summary = page.locator('.brief summary', { hasText: group });
    await summary.evaluate((s) => ((s.parentElement as HTMLDetailsElement).open = true));
}

/** Forms keep themselves: until nothing of them waits on this device. */
export async function allKept(page: Page) {
    await expect
        .poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('velbrin-form-'))))
        .toEqual([]);
}

/** A page left open goes on asking in the same session, and would take the next journey’s messages. */
export const test = base.extend<{ tidy: void }>({
    tidy: [
        async ({ browser }, use) => {
            await use();
            for (const context of browser.contexts()) await context.close();
        },
        { auto: true },
    ],
});
export { expect };
