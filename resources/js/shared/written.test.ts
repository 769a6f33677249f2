import { describe, expect, it } from 'vitest';
import { readWritten, worth } from './written';

const LENGTHS = {
    mm: { factor: 1, offset: 0 },
    cm: { factor: 10, offset: 0 },
    m: { factor: 1000, offset: 0 },
    in: { factor: 25.4, offset: 0 },
    '"': { factor: 25.4, offset: 0 },
    ft: { factor: 304.8, offset: 0 },
    "'": { factor: 304.8, offset: 0 },
};
const WARMTH = { '°c': { factor: 1, offset: 0 }, '°f': { factor: 5 / 9, offset: -160 / 9 } };
const mm = (text: string) => worth(text, LENGTHS, (v) => v);
const inches = (text: string) => worth(text, LENGTHS, (v) => v * 25.4);

describe('numbers as people write them', () => {
    it.each([
        ['4500', 4500],
        ['4 500', 4500],
        ['4500 mm', 4500],
        ['4.5 m', 4500],
        ['4,5m', 4500],
        ['1,234.5', 1234.5],
        ['12 345 678', 12345678],
        ['4 ft 7', 4 * 304.8 + 7 * 25.4],
        ['4 ft 7 in', 4 * 304.8 + 7 * 25.4],
        ['4\' 7"', 4 * 304.8 + 7 * 25.4],
        ['1 m 20 cm', 1200],
        ['-3', -3],
        ['.5', 0.5],
    ])('%s is %d mm', (text, value) => expect(mm(text)).toBeCloseTo(value, 6));

    it('a number without a unit is in the unit of its field', () => {
        expect(inches('55 1/8')).toBeCloseTo(55.125 * 25.4, 6);
        expect(inches('3/4')).toBeCloseTo(0.75 * 25.4, 6);
        expect(inches('1400 mm')).toBe(1400);
    });

    it('warmth has a zero of its own', () => expect(worth('77 °F', WARMTH, (v) => v)).toBeCloseTo(25, 6));

    it.each(['', 'ground', '4 5', '4 ft 7 kg', '1/0', '12 gal', '5 -3', '77 °F 3 °C', '1.2.3'])(
        '%s is no length',
        (text) => expect(mm(text)).toBeNull(),
    );

    it('parts keep their units', () =>
        expect(readWritten('4 ft 7')).toEqual([
            { value: 4, unit: 'ft' },
            { value: 7, unit: null },
        ]));
});
