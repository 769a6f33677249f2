import { afterEach, describe, expect, it, vi } from 'vitest';
import { send } from './send';

afterEach(() => vi.unstubAllGlobals());

/** A line that never answers: the request ends when its own patience does. */
function thinLine() {
    const waits: number[] = [];
    vi.stubGlobal('document', { cookie: '' });
    vi.stubGlobal('AbortSignal', {
        timeout: (ms: number) => {
            waits.push(ms);
            return 'ends';
        },
    });
    vi.stubGlobal('fetch', (_url: string, { signal }: { signal: unknown }) =>
        signal === 'ends' ? Promise.reject(new DOMException('too long', 'TimeoutError')) : new Promise(() => undefined),
    );
    return waits;
}

describe('what is sent', () => {
    it('waits a minute for words and longer for a file, then says there was no line', async () => {
        const waits = thinLine();
        await expect(send('/x', { a: 1 })).rejects.toThrow('too long');
        await expect(send('/x', new FormData())).rejects.toThrow('too long');
        expect(waits).toEqual([60_000, 240_000]);
    });
});
