import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetSheets, keepSheet, keepSheets, sheetAddress } from './keptSheet';

/** A phone with a store of its own, and an office that may be out of reach. */
let stored: Map<string, Response>;
let isOnline: boolean;
let asked: number;
let isSignedIn: boolean;

const sheet = (words: string, minutesAgo = 0) =>
    new Response(words, {
        headers: {
            'Content-Type': 'application/pdf',
            Date: new Date(Date.now() - minutesAgo * 60_000).toUTCString(),
        },
    });
const written = new Map<string, Blob>();
const readAddress = async (address: string | null) => (address === null ? null : written.get(address)?.text());

beforeEach(() => {
    stored = new Map();
    written.clear();
    isOnline = true;
    asked = 0;
    const cache = {
        match: async (url: string) => stored.get(url)?.clone(),
        put: async (url: string, answer: Response) => void stored.set(url, answer),
    };
    const caches = { open: async () => cache, delete: async () => stored.clear() };
    vi.stubGlobal('caches', caches);
    vi.stubGlobal('window', { caches });
    isSignedIn = true;
    vi.stubGlobal('fetch', async (_url: string, how: { signal?: AbortSignal }) => {
        asked++;
        if (!isOnline || how.signal?.aborted) throw new TypeError('no network');
        return isSignedIn ? sheet('from the office') : new Response('<html>sign in</html>', { status: 200 });
    });
    let n = 0;
    vi.stubGlobal('URL', {
        createObjectURL: (blob: Blob) => {
            const address = `blob:${++n}`;
            written.set(address, blob);
            return address;
        },
    });
});
afterEach(() => vi.unstubAllGlobals());

describe('the emergency sheet on a phone', () => {
    it('opens from the phone once the network is gone', async () => {
        await keepSheet(7);
        isOnline = false;
        const address = await sheetAddress(7);
        expect(await readAddress(address)).toBe('from the office');
        expect(await sheetAddress(8)).toBeNull();
    });

    it('is asked for again after half a day, not before', async () => {
        stored.set('/sites/7/emergency.pdf', sheet('of this morning', 719));
        await keepSheet(7);
        expect(asked).toBe(0);
        stored.set('/sites/7/emergency.pdf', sheet('of yesterday', 721));
        await keepSheet(7);
        expect(asked).toBe(1);
    });

    it('never keeps a page that is no sheet', async () => {
        isSignedIn = false;
        await keepSheet(7);
        expect(stored.size).toBe(0);
        expect(await sheetAddress(7)).toBeNull();
    });

    it('asks for no further one once somebody has signed out', async () => {
        await keepSheets([7, 8]);
        expect([asked, stored.size]).toEqual([2, 2]);
        const rest = keepSheets([9, 10, 11]);
        await forgetSheets();
        await rest;
        expect(asked).toBeLessThan(4);
        expect(stored.size).toBe(0);
        await keepSheets([9]);
        expect(stored.size).toBe(1);
    });

    it('keeps the old one where the office does not answer, and goes on signing out', async () => {
        stored.set('/sites/7/emergency.pdf', sheet('of last week', 10_000));
        isOnline = false;
        await keepSheet(7);
        const address = await sheetAddress(7);
        expect(await readAddress(address)).toBe('of last week');
        await forgetSheets();
        expect(await sheetAddress(7)).toBeNull();
    });
});
