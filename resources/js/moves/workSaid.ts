import type { InjectionKey } from 'vue';
import type { WorkStepView } from '../generated';
import type { Entry } from '../rounds/phoneStore';

/** Keeps what was said of a step on this phone, and sends it when there is signal. */
export type Say = (kind: 'mark' | 'exchange', payload: Record<string, unknown>, photo?: Blob) => Promise<unknown>;
export const SAY: InjectionKey<Say> = Symbol('say');

/** A step as the office knows it, with what this phone has said of it since. */
export type StepHere = Omit<WorkStepView, 'state'> & {
    state: WorkStepView['state'] | 'said';
    /** Said here, and the office has not answered. */
    saidAt: string | null;
};

const HOUR_MS = 3_600_000;

/** Which step an entry speaks of; an exchange speaks of the one the register shows. */
function stepOf(entry: Entry, steps: WorkStepView[]): string | undefined {
    return entry.kind === 'exchange'
        ? steps.find((s) => s.proof === 'register')?.key
        : String((entry.payload as { step?: string }).step ?? '');
}

/** Whether it opens what rests on it: a no does not, and of a number the office alone knows whether it will do. */
function opensNext(step: WorkStepView, entry: Entry): boolean {
    if (['number', 'count'].includes(step.proof)) return false;
    const isNo = (entry.payload as { answer?: boolean }).answer !== true;
    if (['yes-no', 'verdict'].includes(step.proof) && isNo) return false;
    return !['photo', 'verdict'].includes(step.proof) || entry.photo !== undefined;
}

/** What may be said next without asking the office: in turn, and after its hours. */
export function withSaid(steps: WorkStepView[], said: Entry[], nowMs: number): StepHere[] {
    const byStep = new Map<string, Entry>();
    for (const entry of said) byStep.set(stepOf(entry, steps) ?? '', entry);
    const doneMs = new Map<string, number>();
    for (const step of steps) {
        const entry = byStep.get(step.key);
        if (entry && opensNext(step, entry)) doneMs.set(step.key, Date.parse(entry.at));
    }
    return steps.map((step) => {
        const entry = byStep.get(step.key);
        if (entry && step.state !== 'done') {
            // Of what is counted there may be more to say.
            return { ...step, state: step.proof === 'count' ? step.state : 'said', saidAt: entry.at };
        }
        const isFollowed = step.state === 'later' && step.firstKeys.every((key) => doneMs.has(key));
        if (!isFollowed) return { ...step, saidAt: null };
        const fromMs = Math.max(...step.firstKeys.map((key) => doneMs.get(key) ?? 0)) + step.holdH * HOUR_MS;
        return fromMs <= nowMs
            ? { ...step, state: 'open', first: [], saidAt: null }
            : { ...step, state: 'waits', first: [], from: new Date(fromMs).toISOString(), saidAt: null };
    });
}
