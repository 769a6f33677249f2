import type { AxeResults, ElementContext, RunOptions } from 'axe-core';
import type { Page } from '@playwright/test';

declare global {
    interface Window {
        axe: { run(context: ElementContext, options: RunOptions): Promise<AxeResults> };
    }
}

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
const CONTRAST = 'color-contrast';

/** From the next page on, axe stands in every page, read once each: asking it costs no more than its answer. */
export async function bringAxe(page: Page) {
    await page.addInitScript({ path: 'node_modules/axe-core/axe.min.js' });
}

/**
 * Marks words that look like words before them: of one colour, size and weight on the same grounds. A table of a
 * hundred rows is asked about its contrast once, which is half of what it costs.
 */
function markAlike() {
    const seen = new Set<string>();
    const known = new Map<Element, string>();
    const groundsOf = (element: Element): string => {
        const { backgroundColor, backgroundImage, opacity } = getComputedStyle(element);
        const own = `${backgroundColor} ${backgroundImage} ${opacity}`;
        const below = element.parentElement ? groundsUnder(element.parentElement) : '';
        return own === 'rgba(0, 0, 0, 0) none 1' ? below : `${below} > ${own}`;
    };
    const groundsUnder = (element: Element): string => {
        const grounds = known.get(element) ?? groundsOf(element);
        known.set(element, grounds);
        return grounds;
    };
    for (const element of document.body.querySelectorAll('*')) {
        if (element.childElementCount > 0 || !element.textContent?.trim()) continue;
        const { color, fill, fontSize, fontWeight, textShadow } = getComputedStyle(element);
        const looks = [color, fill, fontSize, fontWeight, textShadow, groundsUnder(element)].join();
        element.toggleAttribute('data-alike', seen.has(looks));
        seen.add(looks);
    }
}

/**
 * What axe holds against a page, in words. All pages are looked at before a test fails, so one run names everything.
 */
export async function check(page: Page, where: string): Promise<string[]> {
    const rest = await against(page, where, 'html', {
        runOnly: { type: 'tag', values: TAGS },
        rules: { [CONTRAST]: { enabled: false } },
    });
    return [...rest, ...(await contrast(page, where))];
}

/** A theme changes colours and nothing else: the night watch is asked about its contrast. */
export async function inBothThemes(page: Page, where: string): Promise<string[]> {
    const paper = await check(page, where);
    // Night has come once every colour has arrived at it.
    await page.evaluate(async () => {
        document.documentElement.dataset.bsTheme = 'dark';
        await new Promise(requestAnimationFrame);
        const ends = document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity);
        await Promise.allSettled(ends.map((a) => a.finished));
    });
    return [...paper, ...(await contrast(page, `${where}, night`))];
}

async function contrast(page: Page, where: string): Promise<string[]> {
    await page.evaluate(markAlike);
    return against(page, where, { exclude: ['[data-alike]'] }, { runOnly: { type: 'rule', values: [CONTRAST] } });
}

async function against(page: Page, where: string, context: ElementContext, options: RunOptions): Promise<string[]> {
    const found = await page.evaluate(
        async ([context, options]) => {
            const { violations } = await window.axe.run(context, { resultTypes: ['violations'], ...options });
            return violations.map(({ id, nodes }) => ({
                id,
                nodes: nodes.slice(0, 3).map((n) => `${n.target.join(' ')} ${n.any[0]?.message ?? ''}`),
            }));
        },
        [context, options] as const,
    );
    return found.map(({ id, nodes }) => `${where}: ${id} ${nodes.join(' | ')}`);
}
