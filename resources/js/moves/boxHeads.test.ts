import { describe, expect, it } from 'vitest';
import type { MoveBoxView } from '../generated';
import { countedWords, headsOf, type Said } from './boxHeads';

const NOTHING = { in: null, home: null, held: null, lost: 0, lostBefore: 0, loaded: false, off: false };
const box = (heads: Partial<NonNullable<MoveBoxView['heads']>> = {}, lost = 0): MoveBoxView =>
    ({
        id: 'b1',
        riders: [
            { id: 'a1', label: 'wrasse', count: 3, lost },
            { id: 'a2', label: 'goby', count: 2, lost: 0 },
        ],
        heads: { planned: 5, ...NOTHING, ...heads },
    }) as unknown as MoveBoxView;
const say = (kind: string, of: string, value?: number): Said => ({ kind, payload: { of, value } });

describe('the heads of a box on the phone', () => {
    it('goes from in to on, off and out, with or without signal', () => {
        const said: Said[] = [];
        const next = () => headsOf(box(), said, true)?.next;
        const steps = [next()];
        const all: Said[] = [say('count', 'b1', 5), say('loaded', 'b1'), say('off', 'b1'), say('home', 'b1', 5)];
        for (const one of all) {
            said.push(one);
            steps.push(next());
        }
        expect(steps).toEqual(['in', 'load', 'off', 'out', 'nothing']);
        expect(headsOf(box({ in: 5, loaded: true, off: true }), [], true)?.next).toBe('out');
        expect(headsOf(box({ in: 5 }), [], false)?.next).toBe('out');
    });

    it('what is said of another box or animal changes nothing here', () => {
        const other = [say('count', 'b2', 9), say('lost', 'a9', 4), say('home', 'b2', 1)];
        expect(headsOf(box({ in: 5 }), other, true)).toEqual(headsOf(box({ in: 5 }), [], true));
    });

    it('one that did not come out is in it still, until it is counted or signed for', () => {
        const four = headsOf(box({ in: 5, off: true, loaded: true, home: 4 }), [], true);
        expect([four?.inside, four?.isEmpty, four?.next]).toEqual([1, false, 'out']);
        const signed = headsOf(box({ in: 5, off: true, loaded: true, home: 4 }), [say('lost', 'a2', 1)], true);
        expect([signed?.inside, signed?.isEmpty, signed?.next]).toEqual([0, true, 'nothing']);
        const held = headsOf(box({ in: 5, home: 3 }), [say('held', 'b1', 2)], false);
        expect([held?.inside, held?.next]).toEqual([0, 'nothing']);
    });

    it('one signed for before the box was counted is not missed in it', () => {
        const before = headsOf(box(), [say('lost', 'a1', 1), say('count', 'b1', 4)], true);
        expect([before?.short, before?.inside, before?.riders[0].lost]).toEqual([0, 4, 1]);
        const after = headsOf(box(), [say('count', 'b1', 4), say('lost', 'a1', 1)], true);
        expect([after?.short, after?.inside]).toEqual([1, 3]);
        // Counted once more: now it is the one from before.
        expect(headsOf(box({ in: 4 }, 1), [say('count', 'b1', 4)], true)?.inside).toBe(4);
    });

    it('says in a line how a box was counted', () => {
        const heads = { planned: 5, ...NOTHING };
        expect(countedWords(heads)).toBe('');
        expect(countedWords({ ...heads, in: 4, home: 2, held: 1, lost: 1 })).toBe(
            '4 of 5 counted in, 2 in the new water, 1 in the holding, 1 lost',
        );
    });

    it('a box nobody rides in has no heads', () => {
        expect(headsOf({ ...box(), heads: null }, [], true)).toBeNull();
    });
});
