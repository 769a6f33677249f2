import { expect, type Browser, type Page } from '@playwright/test';
import { PASSWORD } from './as';

async function token(page: Page): Promise<Record<string, string>> {
    const cookie = (await page.context().cookies()).find((c) => c.name === 'XSRF-TOKEN');
    return {
        'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? ''),
        'X-Requested-With': 'XMLHttpRequest',
        Accept: 'application/json',
        Referer: page.url(),
    };
}

/** Puts records there as a page would, for a journey on data of its own. Returns where it led. */
export async function post(
    page: Page,
    url: string,
    data: Record<string, unknown>,
    method: 'POST' | 'PUT' | 'DELETE' = 'POST',
): Promise<string> {
    const response = await page.request.fetch(url, {
        method,
        data,
        ...(method === 'POST' ? {} : { maxRedirects: 0 }),
        headers: await token(page),
    });
    const said = response.ok() ? '' : await response.text();
    expect(response.status(), `${method} ${url} ${said.slice(0, 400)}`).toBeLessThan(400);
    return new URL(response.url()).pathname;
}

/** What a page was handed by the server. */
export async function propsOf<T>(page: Page, url: string): Promise<T> {
    const html = await (await page.request.get(url)).text();
    const data = /<script data-page="app" type="application\/json">([\s\S]*?)<\/script>/.exec(html);
    return (JSON.parse(data?.[1] ?? '{}') as { props: T }).props;
}

export interface OwnPlace {
    site: number;
    system: number;
    name: string;
}

/** A place on the map that is always open with a running system, of a client of its own or of one named. */
export async function ownPlace(planner: Page, of: string, clientOf?: string): Promise<OwnPlace> {
    const name = `${of} ${Math.random().toString(36).slice(2, 6)}`;
    await planner.goto('/places');
    const client = clientOf ?? (await post(planner, '/clients', { name: `Client of ${name}` }));
    const siteUrl = await post(planner, `${client}/sites`, { name });
    const site = Number(siteUrl.split('/').pop());
    const hours = Object.fromEntries(['mon', 'tue', 'wed', 'thu', 'fri'].map((d) => [d, '0-24']));
    await post(planner, siteUrl, { name, timezone: 'Europe/London', lat: 53.6, lon: 1.6, access_hours: hours }, 'PUT');
    const systemUrl = await post(planner, `${siteUrl}/systems`, {
        name: `${name} reef`,
        kind: 'mixed reef',
        regime: 'natural',
        started_precision: 'day',
    });
    return { site, system: Number(/systems\/(\d+)/.exec(systemUrl)?.[1]), name };
}

export const dayFromNow = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** The Monday of the week after this one. */
export function nextMonday(): string {
    const d = new Date();
    d.setUTCDate(d.getUTCDate() + ((8 - d.getUTCDay()) % 7 || 7));
    return d.toISOString().slice(0, 10);
}

/** A job asked for once, which makes a visit of next week that waits for its place; its number. */
export async function visitFor(planner: Page, place: OwnPlace, text: string, ownerId: number): Promise<number> {
    await post(planner, `/systems/${place.system}/follow-ups`, {
        text,
        owner_id: ownerId,
        due_on: dayFromNow(0),
        latest_on: dayFromNow(14),
        on_site: true,
        minutes: 20,
    });
    await planner.goto(`/rounds?week=${nextMonday()}`);
    await planner.getByRole('button', { name: `${place.name}: give it a place` }).click();
    const link = (await planner
        .getByRole('region', { name: 'What moving it would do' })
        .getByRole('link', { name: 'open the visit' })
        .getAttribute('href')) as string;
    return Number(link.split('/').pop());
}

/** The first day of next week on which that crew can take it. */
export async function dayFor(planner: Page, visit: number, crew: number): Promise<string> {
    const days = [0, 1, 2, 3, 4].map((d) =>
        new Date(Date.parse(nextMonday()) + d * 86_400_000).toISOString().slice(0, 10),
    );
    const asked = days.map(async (on) => {
        const answer = await planner.request.post(`/visits/${visit}/consequence`, {
            data: { crew_id: crew, on, position: null },
            headers: await token(planner),
        });
        return ((await answer.json()) as { may?: boolean }).may === true;
    });
    const free = (await Promise.all(asked)).indexOf(true);
    expect(free, `visit ${visit} fits on a day of next week`).toBeGreaterThanOrEqual(0);
    return days[free];
}

/** Gives a visit to a crew on the first day of next week that can take it. */
export async function giveTo(planner: Page, visit: number, crew: number): Promise<void> {
    const on = await dayFor(planner, visit, crew);
    await post(planner, `/visits/${visit}/move`, { crew_id: crew, on, position: null });
}

/** The number of a job by its name. */
export async function jobType(planner: Page, name: string): Promise<number> {
    await planner.goto('/settings/jobs');
    const link = (await planner
        .getByRole('navigation', { name: 'Job sheets' })
        .getByRole('link', { name: new RegExp(`^${name}`) })
        .getAttribute('href')) as string;
    return Number(link.split('/').pop());
}

/** A job that recurs there and is long due. */
export async function dueJob(planner: Page, place: OwnPlace, name: string): Promise<void> {
    await post(planner, `/systems/${place.system}/tasks`, {
        task_type_id: await jobType(planner, name),
        every_days: 14,
        last_done_on: dayFromNow(-400),
    });
}

/** A visit under way now, of whoever is signed in: where it is. */
export async function callOut(tech: Page, place: OwnPlace, text: string): Promise<string> {
    await tech.goto('/');
    return post(tech, `/systems/${place.system}/call-out`, { text });
}

/** Presses for a proposal and waits until its own words stand there. */
export async function propose(page: Page) {
    const said = page.locator('.standing.said');
    const run = async () => ((await said.count()) ? await said.getAttribute('data-run') : null);
    const before = await run();
    await page.getByRole('button', { name: /^Propose (the week|again)$/ }).click();
    await expect.poll(run, { timeout: 40_000 }).not.toBe(before);
}

/** Who signs in beside the usual four. */
export async function signIn(
    browser: Browser,
    mail: string,
    options: Parameters<Browser['newContext']>[0] = {},
): Promise<Page> {
    const page = await (await browser.newContext(options)).newPage();
    await page.goto('/sign-in');
    await page.getByLabel('Mail address').fill(mail);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL((url) => url.pathname === '/');
    return page;
}
