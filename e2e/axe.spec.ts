import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, pageAs, test, type Role } from './as';

const PAGES: [Role, string][] = [
    ['planner', '/places'],
    ['planner', '/plans'],
    ['planner', '/clients/1'],
    ['planner', '/sites/1'],
    ['planner', '/plans/1/compare?a=1&b=2'],
    ['planner', '/systems'],
    ['technician', '/systems/1/register'],
    ['technician', '/systems/1/readings'],
    ['planner', '/systems/1/regime'],
    ['technician', '/systems/1/log'],
    ['technician', '/systems/1/papers'],
    ['technician', '/systems/1/sums/top-off'],
    ['planner', '/sites/1/systems'],
    ['owner', '/'],
    ['planner', '/'],
    ['technician', '/'],
    ['client', '/'],
    ['owner', '/risk'],
    ['technician', '/systems/1/risk'],
    ['planner', '/systems/1/risk'],
    ['planner', '/systems/1/risk/single'],
    ['planner', '/systems/1/risk/measures'],
    ['planner', '/settings/rates'],
    ['owner', '/risk/year'],
    ['owner', '/risk/storm'],
    ['owner', '/risk/storm?event=1'],
    ['planner', '/items/1/lenders'],
    ['owner', '/incidents'],
    ['technician', '/incidents/1'],
    ['planner', '/sites/1/ready'],
    ['planner', '/stores'],
    ['planner', '/systems/1/tasks'],
    ['planner', '/water'],
    ['planner', '/rounds'],
    ['technician', '/rounds/due'],
    ['planner', '/rounds/due?what=later'],
    ['planner', '/rounds/crews'],
    ['planner', '/rounds/roster'],
    ['client', '/rounds/feeds'],
    ['technician', 'VISIT'],
    ['planner', '/moves'],
    ['planner', '/moves/1'],
    ['planner', '/moves/1/plan'],
    ['planner', '/moves/1/papers'],
    ['technician', '/moves/1/go'],
    ['planner', '/reports'],
    ['planner', '/reports/1'],
    ['planner', 'DRAFT'],
    ['client', '/reports'],
    ['owner', '/settings/tokens'],
    ['owner', '/settings/api'],
    ['owner', '/settings'],
    ['owner', '/settings/access'],
    ['owner', '/clients/1/data'],
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
    ['planner', '/sites/5/jobs'],
    ['planner', '/systems/5/fault?symptom=cold&answers=1'],
    ['planner', '/systems/5/trials'],
    ['planner', '/trials'],
    ['planner', '/plans/2'],
    ['planner', '/plan-versions/2'],
    ['planner', '/sites/1/options'],
    ['owner', '/settings/audit'],
    ['planner', '/rules'],
    ['planner', '/rules/B-32'],
    ['client', '/systems'],
    ['client', '/systems/1'],
    ['planner', '/control'],
    ['planner', '/control/1'],
    ['technician', '/control/2'],
    ['planner', '/control/1/break'],
    ['planner', '/control/1/labels'],
    ['planner', '/nowhere'],
];

/** Places whose number the world decides: a visit of the technician’s next day, the newest draft. */
async function actual(page: Page, path: string): Promise<string> {
    if (path !== 'VISIT' && path !== 'DRAFT') return path;
    await page.goto(path === 'VISIT' ? '/' : '/reports');
    return (await page
        .locator(path === 'VISIT' ? 'a[href^="/visits/"]' : 'table a[href^="/reports/"]')
        .first()
        .getAttribute('href')) as string;
}

/**
 * In the page itself, which has no frames: half the time. Only what stands against it is told; what passes is not
 * written out.
 */
const builder = (page: Page) => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/**
 * What axe holds against a page, in words. All pages are looked at before the test fails, so one run names
 * everything.
 */
async function check(page: Page, where: string, axe = builder(page).withTags(TAGS)): Promise<string[]> {
    const found = await axe.analyze();
    return found.violations.map(
        (v) =>
            `${where}: ${v.id} ${v.nodes
                .slice(0, 3)
                .map((n) => `${n.target} ${n.any[0]?.message ?? ''}`)
                .join(' | ')}`,
    );
}

/** A theme changes colours and nothing else: the night watch is asked about its contrast. */
async function inBothThemes(page: Page, where: string): Promise<string[]> {
    const paper = await check(page, where);
    await page.evaluate(() => (document.documentElement.dataset.bsTheme = 'dark'));
    await page.waitForTimeout(250);
    return [...paper, ...(await check(page, `${where}, night`, builder(page).withRules(['color-contrast'])))];
}

for (const role of ['owner', 'planner', 'technician', 'client'] as Role[]) {
    test(`every page of the ${role} passes axe in both themes`, async ({ browser }) => {
        const against: string[] = [];
        const page = await pageAs(browser, role);
        for (const [, path] of PAGES.filter(([r]) => r === role)) {
            await page.goto(await actual(page, path));
            // The page is drawn once it says what it is.
            await expect(page).not.toHaveTitle('');
            against.push(...(await inBothThemes(page, `${role} ${path}`)));
        }
        expect(against).toEqual([]);
    });
}

test('the working sheet passes axe in both themes', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');
    await page.goto('/systems/1');
    await page
        .getByRole('row', { name: /True water volume/ })
        .getByRole('button')
        .click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.waitForTimeout(400);
    expect(await inBothThemes(page, 'the working sheet')).toEqual([]);
});

test('the door passes axe', async ({ page }) => {
    for (const path of ['/sign-in', '/forgot-password', '/reset-password/x?email=a@b.example']) {
        await page.goto(path);
        expect(await check(page, path)).toEqual([]);
    }
});

test('a technician’s pages fit a phone', async ({ browser }) => {
    const page = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 }, hasTouch: true });
    for (const path of [
        '/',
        'VISIT',
        '/water',
        '/risk',
        '/systems/1/risk',
        '/systems/1/tasks',
        '/rounds/due',
        '/reports',
        '/systems',
        '/systems/1',
        '/systems/1/readings',
        '/systems/1/register',
        '/systems/1/log',
        '/sites/1',
    ]) {
        await page.goto(await actual(page, path));
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    }
    await page.goto('/systems/1/readings');
    for (const target of [
        page.getByRole('button', { name: 'Keep it' }),
        page.getByLabel('Alkalinity now'),
        page.getByRole('navigation', { name: 'The order of work' }).getByRole('link').first(),
    ]) {
        expect((await target.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    }
});
