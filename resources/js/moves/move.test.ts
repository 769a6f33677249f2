import { describe, expect, it } from 'vitest';
import { clockOf, freshId, isShort, lanes, minuteOf, nextOfEach } from './move';

describe('times of a move', () => {
    it('shows minutes as a clock does, over midnight too', () => {
        expect([0, 605, 1439, 1440, 1505, -5].map(clockOf)).toEqual([
            '00:00',
            '10:05',
            '23:59',
            '00:00',
            '01:05',
            '23:55',
        ]);
    });
    it('reads what people type', () => {
        expect(['9', '9:30', '0930', '18.05', '24', '9:60', 'noon', ''].map(minuteOf)).toEqual([
            540,
            570,
            570,
            1085,
            null,
            null,
            null,
            null,
        ]);
    });
});

describe('rows', () => {
    it('puts steps that meet one below the other and uses a row again', () => {
        const steps = [
            { fromMin: 0, untilMin: 10 },
            { fromMin: 5, untilMin: 20 },
            { fromMin: 10, untilMin: 15 },
            { fromMin: 12, untilMin: 13 },
        ];
        expect(lanes(steps).map((s) => s.lane)).toEqual([0, 1, 0, 2]);
    });
    it('names no two rows alike', () => {
        expect(freshId('b', [{ id: 'b1' }, { id: 'b3' }])).toBe('b4');
        expect(freshId('b', [])).toBe('b1');
    });
});

describe('the day of each', () => {
    const step = (label: string, fromMin: number, state: string, ...hands: string[]) => ({
        label,
        fromMin,
        state,
        hands,
    });
    const steps = [
        step('off', 0, 'done', 'Ada'),
        step('fish', 10, 'running', 'Ada', 'Ben'),
        step('rock', 30, 'open', 'Ben'),
        step('tank', 40, 'open', 'Ada', 'Cy'),
        step('drive', 60, 'open', 'Ben'),
    ];
    const said = (me: string | null) => nextOfEach(steps, me).map((e) => [e.name, e.now?.label, e.next?.label]);
    it('says what each does now and next, whoever asks first', () => {
        expect(said('Cy')).toEqual([
            ['Cy', undefined, 'tank'],
            ['Ada', 'fish', 'tank'],
            ['Ben', 'fish', 'rock'],
        ]);
        expect(said(null).map((e) => e[0])).toEqual(['Ada', 'Ben', 'Cy']);
    });
    it('names nobody who has nothing left', () => {
        expect(nextOfEach([step('off', 0, 'done', 'Ada')], 'Ada')).toEqual([]);
    });
});

it('what lasts too short is short; glue only takes its time', () => {
    const clock = (kind: string, lastsMin: number) => isShort({ kind, lastsMin, untilMin: 100 });
    expect([clock('box', 99), clock('rock', 99), clock('box', 100), clock('glue', 99)]).toEqual([
        true,
        true,
        false,
        false,
    ]);
});
