import { describe, expect, it } from 'vitest';
import type { MoveGateView } from '../generated';
import { decision } from './decision';

const gate = (more: Partial<MoveGateView>): MoveGateView => ({
    key: 'G2',
    label: 'Before the fish come out',
    asked: [],
    against: [],
    isOpen: false,
    decided: null,
    decidedBy: null,
    decidedAt: null,
    ...more,
});

describe('what was decided at a gate', () => {
    it.each([
        ['yes', /^went on, Ines, .*2026/],
        ['plan-b', /^plan B, Ines, .*2026/],
        ['reason: the heater came late', /^went on: the heater came late, Ines, .*2026/],
    ])('%s is told with who and when', (decided, words) => {
        expect(decision(gate({ decided, decidedBy: 'Ines', decidedAt: '2026-12-03T09:40:00Z' }))).toMatch(words);
    });
    it('says no more than is known', () => {
        expect(decision(gate({ decided: 'yes' }))).toBe('went on');
    });
});
