import { describe, expect, it } from 'vitest';
import type { VisitSystemView, VisitTaskView } from '../generated';
import type { Entry } from './phoneStore';
import { jobRef, openHolds, stillOff, withEntries } from './visitState';

let seq = 0;
const entry = (kind: string, payload: Record<string, unknown>, uuid = `u${++seq}`): Entry => ({
    seq: ++seq,
    visitId: 1,
    userId: 1,
    uuid,
    kind,
    at: '2026-03-09T09:00:00Z',
    payload,
});
const task = (more: Partial<VisitTaskView> = {}): VisitTaskView =>
    ({
        id: 7,
        uuid: null,
        systemId: 1,
        state: 'open',
        steps: [],
        ticked: [],
        outL: null,
        inL: null,
        reason: null,
        note: null,
        before: null,
        ...more,
    }) as VisitTaskView;
const system = (tasks: VisitTaskView[]): VisitSystemView =>
    ({
        id: 1,
        tasks,
        offs: [],
        lifted: [],
        readings: [{ parameter: 'ph', latest: '8.1', latestAt: null, standing: 'aim', standingWords: 'on aim' }],
        others: [],
    }) as unknown as VisitSystemView;
const view = (entries: Entry[], unsent: string[] = [], doubted: Entry[] = []) =>
    withEntries([system([task()])], entries, new Set(unsent), doubted)[0];

describe('the page with what this phone has typed laid over it', () => {
    it('shows a kept reading at once, and says that it is not sent', () => {
        const typed = entry('reading', { systemId: 1, parameter: 'ph', value: 8.3, unit: 'pH' });
        expect(view([typed], [typed.uuid]).readings[0]).toMatchObject({ latest: '8.3 pH', standingWords: 'not sent' });
        expect(view([typed]).readings[0]).toMatchObject({ latest: '8.3 pH', standingWords: 'on aim' });
        expect(view([], [], [typed]).readings[0].standingWords).toContain('doubtful');
        expect(view([]).readings[0].latest).toBe('8.1');
    });

    it('knows how a job looked before it began', () => {
        const before = (payload: Record<string, unknown>) =>
            view([entry('before', { taskId: 7, ...payload })]).tasks[0].before;
        expect(before({ photo: 'a' })).toBe('a photo');
        expect(before({ because: 'the lens is fogged' })).toBe('the lens is fogged');
        expect(view([]).tasks[0].before).toBeNull();
    });

    it('does, undoes and measures a job', () => {
        const done = entry('done', { taskId: 7, outL: 40, inL: 41 });
        expect(view([done]).tasks[0]).toMatchObject({ state: 'done', outL: 40, inL: 41 });
        expect(view([done, entry('undo', { taskId: 7 })]).tasks[0].state).toBe('open');
        expect(view([entry('litres', { taskId: 7, reason: 'ammonia' })]).tasks[0]).toMatchObject({
            outL: null,
            inL: null,
            reason: 'ammonia',
        });
    });

    it('adds a job under the phone’s own number, once, and does it by that number', () => {
        const job = entry('job', { systemId: 1, text: 'Tighten the union' }, 'mine');
        const added = view([job, job, entry('done', { taskId: 'mine' })]).tasks;
        expect(added).toHaveLength(2);
        expect(added[1]).toMatchObject({ name: 'Tighten the union', state: 'done' });
        expect(jobRef(added[1])).toBe('mine');
        expect(jobRef(task())).toBe(7);
    });

    it('keeps count of what is off and of what is lifted', () => {
        const off = entry('off', { systemId: 1, what: 'Skimmer' }, 'o');
        expect(stillOff([view([off])])).toHaveLength(1);
        expect(stillOff([view([off, entry('on', { off: 'o' })])])).toHaveLength(0);
        expect(stillOff([view([off, entry('stays-off', { off: 'o', because: 'dosed' })])])).toHaveLength(0);
        const lift = entry('lift', { systemId: 1, what: 'Big one', place: 'left' }, 'l');
        expect(view([lift]).lifted).toMatchObject([{ isBack: false }]);
        expect(view([lift, entry('put-back', { lift: 'l' })]).lifted).toMatchObject([{ isBack: true }]);
    });

    it('knows the holds that are not ticked', () => {
        const steps = [
            { text: 'Look', hold: true, left: false },
            { text: 'Then', hold: false, left: false },
            { text: 'Not here', hold: true, left: true },
        ] as VisitTaskView['steps'];
        expect(openHolds(task({ steps }))).toEqual(['Look']);
        expect(openHolds(task({ steps, ticked: [0] }))).toEqual([]);
    });
});
