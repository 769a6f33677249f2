import type { Page } from '@playwright/test';

/**
 * What reads wrong on a page: words of two neighbours with nothing between them ("warmth.6 h": a template drops the
 * space where its line ends), a part of a sentence nobody filled in, a number that is none.
 */
export async function readsWrong(page: Page, where: string): Promise<string[]> {
    const found = await page.evaluate(() => {
        const wrong: string[] = [];
        const px = (value: string) => parseFloat(value) || 0;
        const styled = (node: Node) => (node instanceof Element ? getComputedStyle(node) : null);
        const isInline = (node: Node) => node instanceof Text || styled(node)?.display === 'inline';
        const isHidden = (node: Node) => node instanceof Element && node.classList.contains('visually-hidden');
        const breaks = (node: Node) => node instanceof Element && node.lastElementChild?.tagName === 'BR';
        const isApart = (one: Node, other: Node) => {
            const [before, after] = [styled(one), styled(other)];
            const gap =
                px(before?.marginRight ?? '') +
                px(before?.paddingRight ?? '') +
                px(after?.marginLeft ?? '') +
                px(after?.paddingLeft ?? '');
            return gap > 1 || breaks(one) || isHidden(one) || isHidden(other);
        };
        for (const element of document.querySelectorAll('body *:not(svg, svg *, script, style, select)')) {
            if (/flex|grid|none/.test(getComputedStyle(element).display)) continue;
            const nodes = [...element.childNodes].filter((n) => n instanceof Element || n instanceof Text);
            nodes.slice(1).forEach((other, i) => {
                const one = nodes[i];
                if (one instanceof Text && other instanceof Text) return;
                if (!isInline(one) || !isInline(other) || isApart(one, other)) return;
                const [before, after] = [one.textContent ?? '', other.textContent ?? ''];
                if (/[\p{L}\p{N}.,:;!?)%’]$/u.test(before) && /^[\p{L}\p{N}(“]/u.test(after))
                    wrong.push(`${before.slice(-20)}|${after.slice(0, 20)}`);
            });
        }
        const text = document.querySelector('main')?.innerText ?? '';
        return [...wrong, ...(text.match(/[^\n]*(?:\bNaN\b|\bundefined\b|\[object )[^\n]*/g) ?? [])];
    });
    return found.slice(0, 5).map((words) => `${where}: reads “${words}”`);
}
