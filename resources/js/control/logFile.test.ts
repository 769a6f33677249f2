import { describe, expect, it } from 'vitest';
import { COLUMNS, digestOf, guess, lineOf, numberOf, pieces, readLog, tooLarge, tooMany, valuesOf } from './logFile';

const SENSORS = [
    { key: 's1', name: 'Sump probe', quantity: 'temperature' },
    { key: 's2', name: 'pH probe', quantity: 'ph' },
];

describe('a log file', () => {
    it('is parted by what parts all its lines', () => {
        expect(readLog('time;temperature\n01.11.2026 10:00;25,3\n')).toEqual({
            header: ['time', 'temperature'],
            rows: [['01.11.2026 10:00', '25,3']],
        });
        expect(readLog('\uFEFFtime,t\r\n2026-11-01 10:00,25.3\r\n')?.rows).toEqual([['2026-11-01 10:00', '25.3']]);
        expect(readLog('time\tt\n2026-11-01 10:00\t25.3')?.header).toEqual(['time', 't']);
        expect(readLog('only one line;here')).toBeNull();
        expect(readLog('one\nword\na\nline')).toBeNull();
    });

    it('keeps together what stands in quotes', () => {
        expect(pieces('"a;b";"he said ""so""";c', ';')).toEqual(['a;b', 'he said "so"', 'c']);
    });

    it('reads numbers with a point or a comma and nothing else', () => {
        expect(numberOf('25.3')).toBe(25.3);
        expect(numberOf('25,3')).toBe(25.3);
        expect(numberOf('-1 024,5')).toBe(-1024.5);
        for (const words of ['', '--', '25.3 C', '1,000.5', 'NaN']) expect(numberOf(words)).toBeNull();
    });

    it('guesses columns by their names, each probe once', () => {
        expect(guess(['Date time', 'Sump probe', 'Temperature', 'pH', 'note'], SENSORS)).toEqual([
            'at',
            's1',
            '',
            's2',
            '',
        ]);
    });

    it('numbers each value by its line and column, leaves gaps out, and tells what is no number', () => {
        const log = readLog('time;t;ph\n10:00;25.3;8.2\n10:01;;x\n10:02;25.4;8.1')!;
        const { rows, unread } = valuesOf(log, ['at', 's1', 's2']);
        expect(rows).toEqual([
            { seq: 1, at: '10:00', id: 's1', value: 25.3 },
            { seq: 2, at: '10:00', id: 's2', value: 8.2 },
            { seq: 201, at: '10:02', id: 's1', value: 25.4 },
            { seq: 202, at: '10:02', id: 's2', value: 8.1 },
        ]);
        expect(unread).toEqual([{ line: 3, words: 'x' }]);
        expect(rows.map((r) => lineOf(r.seq))).toEqual([2, 2, 4, 4]);
    });

    it('is the same file however often, and another for another probe', async () => {
        const one = await digestOf('a;b', 's1');
        expect(one).toMatch(/^[0-9a-f]{36}$/);
        expect(await digestOf('a;b', 's1')).toBe(one);
        expect(await digestOf('a;b', 's2')).not.toBe(one);
        expect(await digestOf('a;c', 's1')).not.toBe(one);
    });

    it('is read up to twenty megabytes and taken in up to half a million values', () => {
        expect(tooLarge(20_000_000)).toBe('');
        expect(tooLarge(20_000_001)).toContain('20 MB');
        expect(tooMany(500_000)).toBe('');
        expect(tooMany(500_001)).toContain('Half a million');
    });

    it('numbers the first hundred columns, so that no two values share a number', () => {
        const header = Array.from({ length: 101 }, (_, n) => (n === 0 ? 'time' : `c${n}`));
        const row = header.map((_, n) => (n === 0 ? '2026-01-01 00:00' : String(n)));
        const columns = header.map((_, n) => (n === 0 ? 'at' : `p${n}`)).slice(0, COLUMNS);
        const { rows } = valuesOf({ header, rows: [row, row] }, columns);
        expect(rows).toHaveLength(2 * (COLUMNS - 1));
        expect(new Set(rows.map((r) => r.seq)).size).toBe(rows.length);
        expect(Math.max(...rows.slice(0, COLUMNS - 1).map((r) => r.seq))).toBeLessThan(rows[COLUMNS - 1].seq);
    });
});
