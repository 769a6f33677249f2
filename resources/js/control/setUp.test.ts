import { describe, expect, it } from 'vitest';
import { band, blankRule, clockOf, corrected, minuteOf, RULES, spread, type SetUpDoc } from './setUp';

const doc = (): SetUpDoc => ({
    outlets: [{ id: 'o1', place: 'heater', rule: { kind: 'hold', probe: 's1', startAt: 25, stopAt: 26 } }],
    guards: [{ id: 'o1-1', outlet: 'o1', when: [], forS: 0, then: 'off', rank: 'animals' }],
});

const starts = { startC: 25.3, stopC: 25.7, guardC: 26.5 };

describe('a set-up while it is written', () => {
    it('is corrected in a copy, deep keys made where they are missing', () => {
        const was = doc();
        const now = corrected(was, [
            { id: 'o1', path: 'lostLink', value: 'off' },
            { id: 'o1', path: 'pauses.feeding.s', value: 600 },
            { id: 'o1', path: 'rule.blind', value: 'off' },
            { id: 'o1-1', path: 'blind', value: 'off' },
            { id: 'o9', path: 'lostLink', value: 'on' },
        ]);
        expect(was).toEqual(doc());
        expect(now.outlets[0]).toMatchObject({
            lostLink: 'off',
            pauses: { feeding: { s: 600 } },
            rule: { blind: 'off' },
        });
        expect(now.guards[0].blind).toBe('off');
        expect(now.outlets).toHaveLength(1);
    });

    it('reads a band whole or each way, heating or cooling', () => {
        expect(band(25.5, 0.4, 'whole', false)).toEqual({ startAt: 25.3, stopAt: 25.7 });
        expect(band(25.5, 0.4, 'half', false)).toEqual({ startAt: 25.1, stopAt: 25.9 });
        expect(band(26.4, 0.4, 'whole', true)).toEqual({ startAt: 26.6, stopAt: 26.2 });
    });

    it('reads clocks and refuses what is none', () => {
        expect(minuteOf('07:30')).toBe(450);
        expect(minuteOf('23:59')).toBe(1439);
        for (const wrong of ['24:00', '7', '12:60', '', 'ab:cd']) expect(minuteOf(wrong)).toBeNull();
        for (const minute of [0, 450, 1439]) expect(minuteOf(clockOf(minute))).toBe(minute);
    });

    it('spreads doses over the day, in order and each once', () => {
        expect(spread(4, 60)).toEqual([60, 420, 780, 1140]);
        expect(spread(24, 30)).toHaveLength(24);
        expect(new Set(spread(24, 30)).size).toBe(24);
        expect(spread(3, 1200)).toEqual([240, 720, 1200]);
    });

    it('leaves open what somebody has to decide', () => {
        for (const [kind] of RULES) expect(blankRule(kind, 's1', starts).kind).toBe(kind);
        expect(blankRule('hold', 's1', starts)).not.toHaveProperty('blind');
        expect(blankRule('pulse', undefined, starts)).not.toHaveProperty('capMl');
        expect(blankRule('refill', undefined, starts)).not.toHaveProperty('longestS');
    });
});
