import { expect, type Page } from '@playwright/test';
import { post, propsOf } from './own';

type Kind = 'system' | 'place' | 'client' | 'plan';

interface Found {
    kind: Kind;
    label: string;
    href: string;
}

/** Where something of the demo world stands, by its name. */
export async function at(page: Page, kind: Kind, name: string): Promise<string> {
    const response = await page.request.get('/go', { params: { q: name }, headers: { Accept: 'application/json' } });
    const found = ((await response.json()) as Found[]).find((f) => f.kind === kind && f.label === name);
    expect(found, `the world has a ${kind} called ${name}`).toBeDefined();
    return found!.href;
}

/** The first thing of that kind a page leads to, from a row that says so where one is named. */
export async function leadsTo(page: Page, from: string, href: RegExp, row?: string): Promise<string> {
    await page.goto(from);
    const links = page.locator(row === undefined ? 'main a[href]' : `main :is(tr, li):has-text("${row}") a[href]`);
    await expect(links.first()).toBeVisible();
    const all = await links.evaluateAll((found) => found.map((a) => a.getAttribute('href') ?? ''));
    const first = all.find((one) => href.test(one));
    expect(first, `${from} leads to ${href}`).toBeDefined();
    return first!;
}

/** A plan of the test's own: a copy of one of the world's. */
export async function ownPlan(page: Page, of: string): Promise<string> {
    const original = await at(page, 'plan', of);
    const { plan } = await propsOf<{ plan: { id: number; siteId: number } }>(page, original);
    await page.goto(original);
    const name = `${of}, ${Math.random().toString(36).slice(2, 6)}`;
    return post(page, `/sites/${plan.siteId}/plans`, { name, copy_of: plan.id });
}

/** Number of somebody of the company. */
export async function person(planner: Page, name: string): Promise<number> {
    const { people } = await propsOf<{ people: Record<string, string> }>(planner, '/rounds/sick');
    const found = Object.entries(people).find(([, one]) => one === name);
    expect(found, `${name} works here`).toBeDefined();
    return Number(found![0]);
}

export async function crew(planner: Page, name: string): Promise<number> {
    const { crews } = await propsOf<{ crews: { id: number; name: string }[] }>(planner, '/rounds/crews');
    const found = crews.find((one) => one.name === name);
    expect(found, `${name} is a crew`).toBeDefined();
    return found!.id;
}
