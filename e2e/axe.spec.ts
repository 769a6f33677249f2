import type { Browser, Page } from '@playwright/test';
import { expect, pageAs, test, type Role } from './as';
import { bringAxe, check, inBothThemes } from './axe';
import { readsWrong } from './words';
import { at, leadsTo } from './world';

const PAGES: [Role, string][] = [
    ['planner', '/places'],
    ['planner', '/plans'],
    ['planner', '{client}'],
    ['planner', '{site}'],
    ['planner', '{comparison}'],
    ['planner', '/systems'],
    ['technician', '{system}/register'],
    ['technician', '{system}/readings'],
    ['planner', '{system}/regime'],
    ['technician', '{system}/log'],
    ['technician', '{system}/papers'],
    ['technician', '{system}/sums/top-off'],
    ['planner', '{site}/systems'],
    ['owner', '/'],
    ['planner', '/'],
    ['technician', '/'],
    ['client', '/'],
    ['owner', '/risk'],
    ['technician', '{system}/risk'],
    ['planner', '{system}/risk'],
    ['planner', '{system}/risk/single'],
    ['planner', '{system}/risk/measures'],
    ['planner', '/settings/rates'],
    ['owner', '/risk/year'],
    ['owner', '/risk/storm'],
    ['owner', '{storm}'],
    ['planner', '{lenders}'],
    ['owner', '/incidents'],
    ['technician', '{incident}'],
    ['planner', '{site}/ready'],
    ['planner', '/stores'],
    ['planner', '/stores/ready'],
    ['planner', '{system}/tasks'],
    ['planner', '/water'],
    ['planner', '/rounds'],
    ['technician', '/rounds/due'],
    ['planner', '/rounds/due?what=later'],
    ['planner', '/rounds/crews'],
    ['planner', '/rounds/roster'],
    ['client', '/rounds/feeds'],
    ['technician', '{visit}'],
    ['planner', '/moves'],
    ['planner', '{move}'],
    ['technician', '{living}/stock'],
    ['planner', '{system}/works'],
    ['technician', '{work}'],
    ['planner', '{move}/plan'],
    ['planner', '{move}/papers'],
    ['technician', '{move}/go'],
    ['planner', '/reports'],
    ['planner', '{report}'],
    ['planner', '{draft}'],
    ['client', '/reports'],
    ['owner', '/settings/tokens'],
    ['owner', '/settings/api'],
    ['owner', '/settings'],
    ['owner', '/settings/access'],
    ['owner', '{client}/data'],
    ['owner', '/settings/people'],
    ['owner', '/settings/mail'],
    ['planner', '/settings/parameters'],
    ['planner', '/settings/products'],
    ['planner', '/settings/prices'],
    ['planner', '/settings/lamps'],
    ['planner', '/settings/suppliers'],
    ['technician', '/settings/suppliers'],
    ['planner', '/settings/house'],
    ['planner', '/settings/jobs'],
    ['planner', '{office}/jobs'],
    ['planner', '{bar}/fault?symptom=cold&answers=1'],
    ['planner', '{bar}/trials'],
    ['planner', '/trials'],
    ['planner', '{plan}'],
    ['planner', '{version}'],
    ['planner', '{site}/options'],
    ['owner', '/settings/audit'],
    ['planner', '/rules'],
    ['planner', '/rules/B-32'],
    ['client', '/systems'],
    ['client', '{system}'],
    ['planner', '/control'],
    ['planner', '{control}'],
    ['technician', '{control}'],
    ['planner', '{control}/break'],
    ['planner', '{control}/labels'],
    ['planner', '/nowhere'],
];

const WALL = 'Long wall';
const PLANNED = 'Day room, new reef';
const COMPARED = /\/compare\?/;

/** Where the world put what the pages above are about; looked up once. */
const PLACES: Record<string, (planner: Page, technician: Page) => Promise<string>> = {
    system: (planner) => at(planner, 'system', WALL),
    bar: (planner) => at(planner, 'system', 'Bar reef'),
    living: (planner) => at(planner, 'system', 'Living room'),
    site: (planner) => at(planner, 'place', 'Waiting rooms'),
    office: (planner) => at(planner, 'place', 'Head office'),
    client: (planner) => at(planner, 'client', 'Tolland Practice'),
    plan: (planner) => at(planner, 'plan', 'Lobby wall'),
    version: async (planner) => leadsTo(planner, await at(planner, 'plan', PLANNED), /^\/plan-versions\/\d+$/),
    comparison: async (planner) => leadsTo(planner, await at(planner, 'plan', PLANNED), COMPARED),
    lenders: async (planner) =>
        leadsTo(planner, `${await at(planner, 'system', WALL)}/risk/single`, /^\/items\/\d+\/lenders$/),
    storm: (planner) => leadsTo(planner, '/risk/storm', /\/storm\?event=/),
    incident: (planner) => leadsTo(planner, '/incidents', /^\/incidents\/\d+$/),
    move: (planner) => leadsTo(planner, '/moves', /^\/moves\/\d+$/),
    work: (planner) => leadsTo(planner, '/moves', /^\/works\/\d+$/),
    control: (planner) => leadsTo(planner, '/control', /^\/control\/\d+$/, 'Cabinet'),
    report: (planner) => leadsTo(planner, '/reports', /^\/reports\/\d+$/, 'sent'),
    draft: (planner) => leadsTo(planner, '/reports', /^\/reports\/\d+$/, 'draft: read it'),
    visit: (_, technician) => leadsTo(technician, '/', /^\/visits\/\d+$/),
};
const known = new Map<string, string>();

/** `{system}/risk`, with the number the world gave it. */
async function actual(browser: Browser, path: string): Promise<string> {
    const name = /^\{(\w+)\}/.exec(path)?.[1] ?? '';
    const find = PLACES[name] ?? (() => Promise.resolve(''));
    const there =
        known.get(name) ?? (await find(await pageAs(browser, 'planner'), await pageAs(browser, 'technician')));
    known.set(name, there);
    return path.replace(`{${name}}`, there);
}

for (const role of ['owner', 'planner', 'technician', 'client'] as Role[]) {
    test(`every page of the ${role} passes axe in both themes and reads right`, async ({ browser }) => {
        // Many pages, twice each: on a machine others use as well it takes its time.
        test.setTimeout(1_200_000);
        const against: string[] = [];
        const page = await pageAs(browser, role);
        await bringAxe(page);
        for (const [, path] of PAGES.filter(([r]) => r === role)) {
            await page.goto(await actual(browser, path));
            // The page is drawn once it says what it is.
            await expect(page).not.toHaveTitle('');
            against.push(...(await readsWrong(page, `${role} ${path}`)));
            against.push(...(await inBothThemes(page, `${role} ${path}`)));
        }
        expect(against).toEqual([]);
    });
}

test('the working sheet passes axe in both themes', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    await bringAxe(page);
    await page.goto(await actual(browser, '{system}'));
    await page
        .getByRole('row', { name: /True water volume/ })
        .getByRole('button')
        .click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.waitForTimeout(400);
    expect(await inBothThemes(page, 'the working sheet')).toEqual([]);
});

test('the door passes axe', async ({ page }) => {
    await bringAxe(page);
    for (const path of ['/sign-in', '/forgot-password', '/reset-password/x?email=a@b.example']) {
        await page.goto(path);
        await expect(page).not.toHaveTitle('');
        expect(await check(page, path)).toEqual([]);
    }
});

test('a technician’s pages fit a phone', async ({ browser }) => {
    const page = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 }, hasTouch: true });
    for (const path of [
        '/',
        '{visit}',
        '/water',
        '/risk',
        '{system}/risk',
        '{system}/tasks',
        '/rounds/due',
        '/reports',
        '/systems',
        '{system}',
        '{system}/readings',
        '{system}/register',
        '{system}/log',
        '{site}',
    ]) {
        await page.goto(await actual(browser, path));
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    }
    await page.goto(await actual(browser, '{system}/readings'));
    for (const target of [
        page.getByRole('button', { name: 'Keep it' }),
        page.getByLabel('Alkalinity now'),
        page.getByRole('navigation', { name: 'The order of work' }).getByRole('link').first(),
    ]) {
        expect((await target.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    }
});

test('one pale word among many alike is found out, by day and by night', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    await bringAxe(page);
    await page.goto('/rules');
    await expect(page).not.toHaveTitle('');
    const word = page.locator('main a').nth(20);
    await word.evaluate((element) => (element.style.color = 'rgb(128 128 128 / 50%)'));
    const found = await inBothThemes(page, 'rules');
    expect(found.filter((one) => one.includes('color-contrast'))).toHaveLength(2);
});
