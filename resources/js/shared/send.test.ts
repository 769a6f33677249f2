import { afterEach, describe, expect, it, vi } from 'vitest';
import { dropSending, send } from './send';

afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
});

/** A line that never answers: a request ends when its own patience does, or when it is dropped. */
function thinLine(): number[] {
    const waits: number[] = [];
    vi.stubGlobal('document', { cookie: '' });
    vi.spyOn(AbortSignal, 'timeout').mockImplementation((ms: number) => {
        waits.push(ms);
        return ms > 60_000 ? AbortSignal.abort(new Error('too long')) : new AbortController().signal;
    });
    vi.stubGlobal('fetch', (_url: string, { signal }: { signal: AbortSignal }) => {
        if (signal.aborted) return Promise.reject(signal.reason as Error);
        return new Promise((_, no) => signal.addEventListener('abort', () => no(signal.reason as Error)));
    });
    return waits;
}

describe('what is sent', () => {
    it('waits a minute for words and four for a file, then there was no line', async () => {
        const waits = thinLine();
        const words = send('/x', { a: 1 });
        await expect(send('/x', new FormData())).rejects.toThrow('too long');
        expect(waits).toEqual([60_000, 240_000]);
        dropSending();
        await expect(words).rejects.toThrow();
    });

    it('is dropped when somebody signs out, and whoever comes next sends again', async () => {
        thinLine();
        const before = send('/x', {});
        dropSending();
        await expect(before).rejects.toThrow();
        let isUnderWay = true;
        const after = send('/x', {}).catch(() => (isUnderWay = false));
        await Promise.resolve();
        expect(isUnderWay).toBe(true);
        dropSending();
        await after;
        expect(isUnderWay).toBe(false);
    });
});
