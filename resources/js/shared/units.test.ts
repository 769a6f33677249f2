import { beforeEach, describe, expect, it, vi } from 'vitest';
import { date, useUnits, when, whenDay } from './units';

const shell = vi.hoisted(() => ({ value: {} as Record<string, unknown> }));
vi.mock('./page', () => ({ useShell: () => ({ shell }) }));
vi.mock('@inertiajs/vue3', () => ({ usePage: () => ({ props: { shell: { zone: 'Europe/London' } } }) }));

const table: [number, number][] = [
    [0, 1],
    [35, 1.0264],
    [40, 1.0301],
];
beforeEach(() => {
    shell.value = {
        decimalMark: '.',
        units: {
            L: { label: 'L', factor: 1, offset: 0, digits: 0, table: null },
            gal: { label: 'gal', factor: 1 / 3.785411784, offset: 0, digits: 1, table: null },
            '°F': { label: '°F', factor: 1.8, offset: 32, digits: 1, table: null },
            SG: { label: 'SG', factor: 1, offset: 0, digits: 4, table },
        },
        written: { L: { L: { factor: 1, offset: 0 }, gal: { factor: 3.785411784, offset: 0 } } },
    };
});

describe('units', () => {
    it('are shown with their unit, grouped, small ones not hidden', () => {
        const { show } = useUnits();
        expect(show(1234567, 'L')).toBe('1\u202f234\u202f567\u00a0L');
        expect(show(0.4, 'L')).toBe('0.4\u00a0L');
        expect(show(0.04, 'L')).toBe('0\u00a0L');
        expect(show(25, '°F')).toBe('77.0\u00a0°F');
    });

    it.each([
        ['L', 0.5],
        ['gal', 0.2],
        ['°F', 0.03],
        ['SG', 0.1],
    ])('come back from a field of %s as they stood there', (kind, within) => {
        const { typed, parse } = useUnits();
        for (const value of [0.5, 1, 12.3, 34.9, 35, 38.75]) {
            const back = parse(typed(value, kind), kind) as number;
            expect(Math.abs(back - value)).toBeLessThanOrEqual(within);
            expect(typed(back, kind)).toBe(typed(value, kind));
        }
    });

    it('write the decimal mark of whoever reads, and read it', () => {
        shell.value.decimalMark = ',';
        const { show, parse } = useUnits();
        expect(show(12.34, 'gal')).toBe('3,3\u00a0gal');
        expect(parse('3,3', 'gal')).toBeCloseTo(3.3 * 3.785411784, 9);
    });

    it('read another unit behind the number, and nothing from words', () => {
        const { parse } = useUnits();
        expect(parse('10 gal', 'L')).toBeCloseTo(37.85411784, 9);
        expect(parse('ten', 'L')).toBeNull();
    });

    it('say days by the calendar, not by the hours between', () => {
        vi.useFakeTimers({ now: new Date('2026-03-09T23:30:00Z') });
        expect(whenDay('2026-03-09')).toBe('today');
        expect(whenDay('2026-03-10')).toBe('tomorrow');
        expect(whenDay('2026-03-08')).toBe('yesterday');
        expect(whenDay('2026-03-23')).toBe('in 14 days');
        expect(whenDay('2026-03-24')).toBe('24 Mar 2026');
        expect(when('2026-03-09T23:20:00Z')).toBe('just now');
        expect(when('2026-03-09T20:30:00Z')).toBe('3 hours ago');
        expect(date('2026-07-09T23:30:00Z')).toBe('10 Jul 2026');
        vi.useRealTimers();
    });
});
