import { usePage } from '@inertiajs/vue3';

/**
 * One clock: a day is a date on the company's calendar ("2026-03-09"), whatever the device's zone. Days are counted
 * and written here; a moment becomes a day or an hour only by naming a zone.
 */
const MS_A_DAY = 86_400_000;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** The company's zone; before any page is there, the device's. */
export function zone(): string {
    const page = usePage().props as { shell?: { zone: string } } | undefined;
    return page?.shell?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** The day it is at a moment, in a zone. */
export function dayOf(moment: Date | string | number, inZone: string = zone()): string {
    const parts = new Intl.DateTimeFormat('en-CA', {
        timeZone: inZone,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
    }).formatToParts(new Date(moment));
    const part = (type: string) => parts.find((p) => p.type === type)?.value ?? '';
    return `${part('year').padStart(4, '0')}-${part('month')}-${part('day')}`;
}

export const today = (inZone: string = zone()): string => dayOf(Date.now(), inZone);

/** Days since 1970, of a day or a longer stamp that begins with one. */
export const dayNumber = (day: string): number => Date.parse(`${day.slice(0, 10)}T00:00:00Z`) / MS_A_DAY;

export const addDays = (day: string, days: number): string =>
    new Date((dayNumber(day) + days) * MS_A_DAY).toISOString().slice(0, 10);

/** So many days from today. */
export const inDays = (days: number, inZone: string = zone()): string => addDays(today(inZone), days);

/** A day in words: by default "9 Mar 2026". */
export function dayWords(
    day: string,
    how: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'short', year: 'numeric' },
): string {
    return new Date(dayNumber(day) * MS_A_DAY).toLocaleDateString('en-GB', { ...how, timeZone: 'UTC' });
}

export const isDay = (text: string): boolean => DAY.test(text);

/** A moment on a clock of that zone: by default "14:05". */
export function clock(
    moment: Date | string | number,
    inZone: string = zone(),
    how: Intl.DateTimeFormatOptions = { hour: '2-digit', minute: '2-digit' },
): string {
    return new Date(moment).toLocaleString('en-GB', { ...how, timeZone: inZone });
}

/** The zone of the device in the hand: for clocks that ring there. */
export const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
