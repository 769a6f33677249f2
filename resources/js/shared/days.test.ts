import { afterEach, describe, expect, it, vi } from 'vitest';
import { addDays, clock, dayNumber, dayOf, dayWords, inDays, isDay, today } from './days';

afterEach(() => vi.useRealTimers());

describe('one clock', () => {
    it.each([
        ['Pacific/Auckland', '2026-03-10'],
        ['Europe/London', '2026-03-09'],
        ['America/Los_Angeles', '2026-03-09'],
    ])('at noon of the ninth in London it is in %s the %s', (zone, day) => {
        vi.useFakeTimers({ now: new Date('2026-03-09T12:00:00Z') });
        expect(today(zone)).toBe(day);
        expect(inDays(7, zone)).toBe(addDays(day, 7));
    });

    it('is the evening’s own day in the west, not tomorrow’s', () => {
        expect(dayOf('2026-03-10T05:30:00Z', 'America/Los_Angeles')).toBe('2026-03-09');
        expect(dayOf('2026-03-10T07:30:00Z', 'America/Los_Angeles')).toBe('2026-03-10');
        expect(dayOf('2026-03-09T10:59:00Z', 'Pacific/Auckland')).toBe('2026-03-09');
        expect(dayOf('2026-03-09T11:00:00Z', 'Pacific/Auckland')).toBe('2026-03-10');
    });

    it('counts days over month, year and the change of clocks', () => {
        expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
        expect(addDays('2028-03-01', -1)).toBe('2028-02-29');
        for (let n = 1; n < 800; n += 7) {
            expect(dayNumber(addDays('2026-03-23', n)) - dayNumber('2026-03-23')).toBe(n);
            expect(addDays(addDays('2026-10-19', n), -n)).toBe('2026-10-19');
        }
    });

    it('says the week after of any Monday', () => {
        for (const monday of ['2026-03-23', '2026-09-21', '2026-10-19', '2026-12-28'])
            expect(dayWords(addDays(monday, 7), { weekday: 'short' })).toBe('Mon');
    });

    it('writes a day as that day, whatever the zone, and a moment by its clock', () => {
        expect(dayWords('2026-03-09')).toBe('9 Mar 2026');
        expect(clock('2026-03-09T22:05:00Z', 'Pacific/Auckland')).toBe('11:05');
        expect(clock('2026-07-09T22:05:00Z', 'Europe/London')).toBe('23:05');
        expect([isDay('2026-03-09'), isDay('2026-03-09T00:00:00Z')]).toEqual([true, false]);
    });
});
