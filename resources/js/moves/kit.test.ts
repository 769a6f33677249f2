import { describe, expect, it } from 'vitest';
import type { KitLineView } from '../generated';
import { byOwner, lineNow } from './kit';

const line = (code: string, more: Partial<KitLineView> = {}): KitLineView => ({
    code,
    what: code,
    count: 3,
    why: '',
    owner: null,
    taken: null,
    back: null,
    ...more,
});
const say = (kind: string, of: string, value: number) => ({ kind, payload: { of, value } });

describe('what is taken along', () => {
    it('is missed from when it is packed until all of it is back', () => {
        expect(lineNow(line('nets'), []).missing).toBe(0);
        expect(lineNow(line('nets'), [say('taken', 'nets', 3)]).missing).toBe(3);
        expect(lineNow(line('nets', { taken: 3 }), [say('back', 'nets', 2)]).missing).toBe(1);
        expect(lineNow(line('nets', { taken: 3, back: 2 }), [say('back', 'nets', 3)]).missing).toBe(0);
        expect(lineNow(line('nets', { taken: 3 }), [say('back', 'buckets', 3)]).missing).toBe(3);
        expect(lineNow(line('nets', { back: 4, taken: 3 }), []).missing).toBe(0);
    });

    it('stands by whose it is, ours first', () => {
        const lines = [line('saw', { owner: 'Jory' }), line('nets'), line('lamp', { owner: 'Ada' }), line('gloves')];
        expect(byOwner(lines).map((g) => [g.owner, g.lines.map((l) => l.code)])).toEqual([
            [null, ['nets', 'gloves']],
            ['Ada', ['lamp']],
            ['Jory', ['saw']],
        ]);
    });
});
