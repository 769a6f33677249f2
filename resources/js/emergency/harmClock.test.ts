import { describe, expect, it } from 'vitest';
import type { HarmCourseView } from '../generated';
import { breakerOutMs, hoursFrom, leftBy, typedReadings, type Typed } from './harmClock';

const H = 3_600_000;
/** Falls half a degree an hour from 25 to 18: fourteen hours. */
const falls: HarmCourseView = {
    limit: 18,
    start: 25,
    rises: false,
    beganMs: 0,
    rows: Array.from({ length: 12 }, (_, n): [number, number] => [18 + n, n / 0.5]),
    readings: [],
};
const typed = (...of: [number, number][]): [number, number][] => of.map(([h, v]) => [h * H, v]);

describe('hours left on a phone', () => {
    it('runs from where it began until somebody reads', () => {
        expect(leftBy(falls, [], 0).leftH).toBeCloseTo(14);
        expect(leftBy(falls, [], 2 * H).leftH).toBeCloseTo(12);
    });

    it('begins anew at what was read, and two readings half an hour apart make a line', () => {
        expect(leftBy(falls, typed([2, 23]), 3 * H)).toEqual({ leftH: 9, fittedH: null });
        const two = leftBy(falls, typed([2, 23], [2.5, 22]), 2.5 * H);
        expect([two.leftH, two.fittedH]).toEqual([2, 2]);
        expect(leftBy(falls, typed([2, 23], [2.49, 22]), 2.49 * H).fittedH).toBeNull();
        expect(leftBy(falls, typed([1, 22], [2, 23]), 2 * H).fittedH).toBeNull();
        expect(leftBy(falls, typed([1, 22], [2, 17]), 2 * H).leftH).toBe(0);
    });

    it('takes what the office knew before with what was typed since, in the order it was read', () => {
        const known = { ...falls, readings: typed([1, 24]) };
        expect(leftBy(known, typed([3, 22]), 3 * H)).toEqual({ leftH: 4, fittedH: 4 });
        expect(leftBy(known, typed([0.5, 24.5]), 3 * H).leftH, 'by the line of both').toBeCloseTo(4);
        expect(leftBy(falls, typed([5, 20]), 4 * H).leftH, 'read on a clock that goes ahead').toBeCloseTo(10);
    });

    it('looks up between two rows, beyond the limit and beyond the table', () => {
        expect(hoursFrom(falls, 20.5)).toBeCloseTo(5);
        expect([hoursFrom(falls, 18), hoursFrom(falls, 10), hoursFrom(falls, 40)]).toEqual([0, 0, 22]);
        const never = { ...falls, rows: [...falls.rows.slice(0, 5), [23, null]] as [number, number | null][] };
        expect([hoursFrom(never, 22.5), hoursFrom(never, 21.5), hoursFrom(never, 30)]).toEqual([null, 7, null]);
        expect(leftBy(never, typed([1, 25]), H).leftH).toBeNull();
        const rises = {
            ...falls,
            limit: 30,
            rises: true,
            rows: [0, 1, 2, 3].map((n): [number, number] => [30 - n, n]),
        };
        expect([hoursFrom(rises, 28.5), hoursFrom(rises, 30.1)]).toEqual([1.5, 0]);
    });

    it('counts a reading from before the breaker as the state it began in', () => {
        const known = { ...falls, readings: typed([1, 22]) };
        expect(leftBy(known, [], 6 * H, 4 * H).leftH).toBeCloseTo(6);
    });

    it('reads off what was typed here', () => {
        const entry = (kind: string, h: number, payload: Record<string, unknown>): Typed => ({
            kind,
            at: new Date(h * H).toISOString(),
            payload,
        });
        const entries = [
            entry('did', 3, { of: 'board-if-wet' }),
            entry('did', 2, { of: 'board-off' }),
            entry('did', 1, { of: 'aerate' }),
            entry('reading', 4, { of: 'temperature', value: 23 }),
            entry('reading', 5, { of: 'ph', value: 8 }),
        ];
        expect(breakerOutMs(entries)).toBe(2 * H);
        expect(breakerOutMs(entries.slice(2))).toBeNull();
        expect(typedReadings(entries)).toEqual([[4 * H, 23]]);
    });
});
