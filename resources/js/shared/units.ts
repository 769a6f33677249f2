import { computed } from 'vue';
import type { UnitDisplay } from '../generated';
import { clock, dayNumber, dayOf, dayWords, isDay, today } from './days';
import { useShell } from './page';
import { worth } from './written';

const THIN = '\u202f';

function between(table: [number, number][], from: 0 | 1, to: 0 | 1, value: number): number {
    let i = 1;
    while (i < table.length - 1 && table[i][from] < value) i++;
    const share = (value - table[i - 1][from]) / (table[i][from] - table[i - 1][from]);
    return table[i - 1][to] + share * (table[i][to] - table[i - 1][to]);
}

/** A typed value comes back this near, though it is kept with nine digits. */
const EXACT = 1e-8;

/**
 * The fewest digits from the unit's own on that say the same; where none of the next three does, conversion added
 * them.
 */
function inField(value: number, digits: number): number {
    for (let n = digits; n <= digits + 3; n++) {
        const rounded = Number(value.toFixed(n));
        if (Math.abs(rounded - value) <= EXACT * Math.max(1, Math.abs(value))) return rounded;
    }
    return Number(value.toFixed(digits));
}

/** As the office writes it: a whole unit hides what is smaller than one. */
function digitsOf(figure: number, digits: number, kind: string): number {
    const isSmall = Math.abs(figure) < 1 && Number(figure.toFixed(1)) !== 0;
    return digits === 0 && isSmall && kind !== 'count' ? 1 : digits;
}

/** Display conversion with the factors and tables the server hands over; no arithmetic of the trade. */
export function useUnits() {
    const { shell } = useShell();
    const mark = computed(() => shell.value.decimalMark);
    const display = (kind: string): UnitDisplay =>
        shell.value.units[kind] ?? { label: '', factor: 1, offset: 0, digits: 2, table: null };
    const shown = (value: number, kind: string): number => {
        const d = display(kind);
        return d.table ? between(d.table, 0, 1, value) : value * d.factor + d.offset;
    };
    const core = (value: number, kind: string): number => {
        const d = display(kind);
        return d.table ? between(d.table, 1, 0, value) : (value - d.offset) / d.factor;
    };
    const group = (text: string): string => {
        const [whole, part] = text.split('.');
        const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN);
        return part === undefined ? grouped : `${grouped}${mark.value}${part}`;
    };
    return {
        label: (kind: string): string => display(kind).label,
        show: (value: number, kind: string): string => {
            const figure = shown(value, kind);
            return `${group(figure.toFixed(digitsOf(figure, display(kind).digits, kind)))}\u00a0${display(kind).label}`.trim();
        },
        /** A limit in a table: a digit more than usual, no trailing noughts. */
        plain: (value: number, kind: string): string =>
            String(Number(shown(value, kind).toFixed(display(kind).digits + 1))).replace('.', mark.value),
        /**
         * As it stands in a field: every digit that was typed, none that conversion added, else the unit's own
         * resolution.
         */
        typed: (value: number, kind: string): string =>
            String(inField(shown(value, kind), display(kind).digits)).replace('.', mark.value),
        /** What somebody typed, in the core's unit; null when it cannot be read. */
        parse: (text: string, kind: string): number | null =>
            worth(text, shell.value.written[kind] ?? {}, (value) => core(value, kind)),
    };
}

/** "in 5 days", "3 days ago", or the date when it is far. */
export function when(iso: string): string {
    const then = new Date(iso);
    const days = (then.getTime() - Date.now()) / 86_400_000;
    const relative = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });
    if (Math.abs(days) < 1) {
        const hours = Math.round(days * 24);
        return Math.abs(hours) < 1 ? 'just now' : relative.format(hours, 'hour');
    }
    if (Math.abs(days) < 15) return relative.format(Math.round(days), 'day');
    return date(iso);
}

/** A day without an hour: "today", "in 3 days", or the date. */
export function whenDay(iso: string): string {
    const days = dayNumber(iso) - dayNumber(today());
    return Math.abs(days) < 15 ? new Intl.RelativeTimeFormat('en', { numeric: 'auto' }).format(days, 'day') : date(iso);
}

/** A day as it is, a moment by the company's calendar: "9 Mar 2026". */
export const date = (iso: string): string => dayWords(isDay(iso) ? iso : dayOf(iso));

/** A moment as it is, by the company's clock: "9 Mar 2026, 14:05". */
export const moment = (iso: string): string => `${dayWords(dayOf(iso))}, ${clock(iso)}`;
