import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { reactive } from 'vue';
import { TABLES, type Draft } from '../shared/draft';
import { useHistory } from './useHistory';

vi.mock('vue', async (original) => ({ ...(await original<object>()), onMounted: () => {}, onBeforeUnmount: () => {} }));

function begin() {
    const draft = reactive({
        values: { lengthMm: 900 },
        bases: {},
        chambers: [],
        ...Object.fromEntries(TABLES.map((t) => [t, []])),
    }) as unknown as Draft;
    const changed = vi.fn();
    const steps = useHistory(draft, changed);
    const type = (lengthMm: number, more = false, waitMs = 1000) => {
        vi.advanceTimersByTime(waitMs);
        draft.values.lengthMm = lengthMm;
        steps.note(more);
    };
    return { draft, steps, changed, type, now: () => draft.values.lengthMm };
}

beforeEach(() => vi.useFakeTimers({ now: new Date('2026-03-09T12:00:00Z') }));
afterEach(() => vi.useRealTimers());

describe('steps through a draft', () => {
    it('go back one at a time, newest first, and forward again', () => {
        const { steps, type, now, changed } = begin();
        expect(steps.mayUndo.value).toBe(false);
        for (const mm of [1000, 1100, 1200]) type(mm);
        const back = [1100, 1000, 900];
        for (const mm of back) {
            steps.undo();
            expect(now()).toBe(mm);
        }
        steps.undo();
        expect(now()).toBe(900);
        expect(changed).toHaveBeenCalledTimes(3);
        for (const mm of [1000, 1100, 1200]) {
            steps.redo();
            expect(now()).toBe(mm);
        }
        expect(steps.mayRedo.value).toBe(false);
    });

    it('take what is typed in one go as one, and a pause as two', () => {
        const { steps, type, now } = begin();
        type(1);
        type(12, false, 100);
        type(120, false, 700);
        steps.undo();
        expect(now()).toBe(900);
        steps.redo();
        type(1300, false, 701);
        steps.undo();
        expect(now()).toBe(120);
    });

    it('take a drag as one, however slow', () => {
        const { steps, type, now } = begin();
        for (const mm of [910, 930, 960]) type(mm, true, 2000);
        type(1000, false, 2000);
        type(1001);
        steps.undo();
        expect(now()).toBe(1000);
        steps.undo();
        expect(now()).toBe(900);
    });

    it('forget what was undone once something new is typed, and note nothing where nothing changed', () => {
        const { steps, type, now } = begin();
        type(1000);
        steps.undo();
        type(1100);
        expect(steps.mayRedo.value).toBe(false);
        type(1100);
        steps.undo();
        expect(now()).toBe(900);
        expect(steps.mayUndo.value).toBe(false);
    });

    it('are a hundred at most', () => {
        const { steps, type, now } = begin();
        for (let n = 1; n <= 130; n++) type(900 + n);
        for (let n = 0; n < 200; n++) steps.undo();
        expect(now()).toBe(930);
    });
});
