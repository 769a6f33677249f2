import { describe, expect, it } from 'vitest';
import type { WorkStepView } from '../generated';
import type { Entry } from '../rounds/phoneStore';
import { withSaid } from './workSaid';

const step = (key: string, more: Partial<WorkStepView> = {}): WorkStepView => ({
    key,
    words: key,
    caution: null,
    visit: 1,
    proof: 'said',
    state: 'later',
    doneAt: null,
    from: null,
    first: [],
    firstKeys: [],
    holdH: 0,
    limit: null,
    unit: null,
    counted: null,
    marks: [],
    ...more,
});
const entry = (payload: Record<string, unknown>, more: Partial<Entry> = {}): Entry => ({
    seq: 1,
    visitId: -2_000_000_007,
    userId: 1,
    uuid: 'u',
    kind: 'mark',
    at: '2026-03-09T10:00:00.000Z',
    payload,
    ...more,
});
const at = (iso: string) => Date.parse(iso);
const states = (steps: WorkStepView[], said: Entry[], now = '2026-03-09T10:00:01Z') =>
    withSaid(steps, said, at(now)).map((s) => s.state);

describe('a work without signal', () => {
    it('goes on with what rests on what was said here, and no further', () => {
        const steps = [
            step('off', { state: 'open' }),
            step('out', { firstKeys: ['off'], first: ['off'] }),
            step('in', { firstKeys: ['out'], first: ['out'] }),
            step('both', { firstKeys: ['off', 'elsewhere'] }),
        ];
        expect(states(steps, [])).toEqual(['open', 'later', 'later', 'later']);
        expect(states(steps, [entry({ step: 'off' })])).toEqual(['said', 'open', 'later', 'later']);
        expect(withSaid(steps, [entry({ step: 'off' })], at('2026-03-09T10:00:01Z'))[1].first).toEqual([]);
        expect(states(steps, [entry({ step: 'off' }), entry({ step: 'out' })])).toEqual([
            'said',
            'said',
            'open',
            'later',
        ]);
    });

    it('keeps the hours of glue and of watching', () => {
        const steps = [step('glued', { state: 'open' }), step('filled', { firstKeys: ['glued'], holdH: 24 })];
        const said = [entry({ step: 'glued' })];
        expect(states(steps, said, '2026-03-10T09:59:59Z')[1]).toBe('waits');
        expect(withSaid(steps, said, at('2026-03-10T09:59:59Z'))[1].from).toBe('2026-03-10T10:00:00.000Z');
        expect(states(steps, said, '2026-03-10T10:00:00Z')[1]).toBe('open');
    });

    it('opens nothing by a no, by a number, or by a verdict that nobody photographed as asked', () => {
        const after = (proof: string, said: Entry) =>
            states([step('a', { state: 'open', proof }), step('b', { firstKeys: ['a'] })], [said])[1];
        expect(after('yes-no', entry({ step: 'a', answer: true }))).toBe('open');
        expect(after('yes-no', entry({ step: 'a', answer: false }))).toBe('later');
        const photo = new Blob(['x']);
        expect(after('verdict', entry({ step: 'a', answer: true }))).toBe('later');
        expect(after('verdict', entry({ step: 'a', answer: true }, { photo }))).toBe('open');
        expect(after('verdict', entry({ step: 'a', answer: false }, { photo }))).toBe('later');
        expect(after('number', entry({ step: 'a', value: 3 }))).toBe('later');
        expect(after('count', entry({ step: 'a', value: 3 }))).toBe('later');
        expect(after('photo', entry({ step: 'a' }))).toBe('later');
        expect(after('photo', entry({ step: 'a' }, { photo }))).toBe('open');
    });

    it('knows an exchange by the step the register shows, and leaves what is done', () => {
        const steps = [
            step('done', { state: 'done' }),
            step('new', { state: 'open', proof: 'register' }),
            step('next', { firstKeys: ['new'] }),
            step('counted', { state: 'open', proof: 'count' }),
        ];
        const said = [
            entry({ name: 'New' }, { kind: 'exchange' }),
            entry({ step: 'done' }),
            entry({ step: 'counted', value: 2 }),
        ];
        expect(states(steps, said)).toEqual(['done', 'said', 'open', 'open']);
    });
});
