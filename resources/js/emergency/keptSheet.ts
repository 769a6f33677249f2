/** Emergency sheets of places this phone has been to, readable without network. They go when somebody signs out. */
const CACHE = 'velbrin-sheets';
const WAIT_MS = 4_000;
const FRESH_MS = 12 * 3_600_000;
/** Asked in the background: whoever has signed out meanwhile is told no, and not sent there on signing in. */
const HEADERS = { 'X-Requested-With': 'XMLHttpRequest' };
let asking = new AbortController();

const isSheet = (answer: Response): boolean =>
    answer.ok && (answer.headers.get('Content-Type') ?? '').startsWith('application/pdf');

const has = (): boolean => typeof window !== 'undefined' && 'caches' in window;
const sheetOf = (siteId: number): string => `/sites/${siteId}/emergency.pdf`;

/** The day’s pack, one after the other, until somebody signs out. */
export async function keepSheets(siteIds: Iterable<number>): Promise<void> {
    const { signal } = asking;
    for (const siteId of siteIds) if (!signal.aborted) await keepSheet(siteId, signal);
}

/** Kept while there is a network, at most twice a day; without one what was kept before stays. */
export async function keepSheet(siteId: number, signal = asking.signal): Promise<void> {
    if (!has()) return;
    try {
        const kept = await (await caches.open(CACHE)).match(sheetOf(siteId));
        if (kept && Date.now() - Date.parse(kept.headers.get('Date') ?? '') < FRESH_MS) return;
        const answer = await fetch(sheetOf(siteId), { headers: HEADERS, signal });
        // Nothing is put back that somebody who signs out has just taken away.
        if (isSheet(answer) && !signal.aborted) await (await caches.open(CACHE)).put(sheetOf(siteId), answer);
    } catch {
        // No network, or no room on the phone: the link still asks the office.
    }
}

/** The address the sheet is read from: the office's while it answers, else what this phone kept; null: neither. */
export async function sheetAddress(siteId: number): Promise<string | null> {
    try {
        const answer = await fetch(sheetOf(siteId), { headers: HEADERS, signal: AbortSignal.timeout(WAIT_MS) });
        if (isSheet(answer)) return URL.createObjectURL(await answer.blob());
    } catch {
        // Without network the kept one is good.
    }
    const kept = has() ? await (await caches.open(CACHE)).match(sheetOf(siteId)) : undefined;
    return kept ? URL.createObjectURL(await kept.blob()) : null;
}

export async function forgetSheets(): Promise<void> {
    asking.abort();
    asking = new AbortController();
    if (has()) await caches.delete(CACHE);
}
