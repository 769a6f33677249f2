import type { OffView, VisitSystemView, VisitTaskView } from '../generated';
import type { Entry } from './outbox';

/** The page as it was read, with what this phone has typed since laid over it. */
export function withEntries(systems: VisitSystemView[], entries: Entry[]): VisitSystemView[] {
    const view = JSON.parse(JSON.stringify(systems)) as VisitSystemView[];
    const task = (id: unknown): VisitTaskView | undefined => view.flatMap((s) => s.tasks).find((t) => t.id === id);
    const offs = (): { system: VisitSystemView; off: OffView }[] => view.flatMap((system) => system.offs.map((off) => ({ system, off })));
    for (const { kind, payload, uuid, at } of entries) {
        const of = task(payload.taskId);
        const system = view.find((s) => s.id === payload.systemId);
        if (kind === 'step' && of) {
            const step = Number(payload.step);
            of.ticked = payload.undone ? of.ticked.filter((n) => n !== step) : [...new Set([...of.ticked, step])];
        } else if (kind === 'done' && of) {
            of.state = 'done';
        } else if (kind === 'skip' && of) {
            of.state = 'skipped';
            of.note = String(payload.reason);
        } else if (kind === 'litres' && of) {
            if (typeof payload.outL === 'number') of.outL = payload.outL;
            if (typeof payload.inL === 'number') of.inL = payload.inL;
            if (typeof payload.reason === 'string') of.reason = payload.reason;
        } else if (kind === 'off' && system && !system.offs.some((o) => o.what === payload.what && !o.staysBecause)) {
            system.offs.push({ id: 0, uuid, systemId: system.id, what: String(payload.what), at, by: 'you', staysBecause: null, substitute: null, reviewOn: null, owner: null });
        } else if (kind === 'on') {
            for (const { system: s, off } of offs()) if (off.uuid === payload.off || s.id === payload.systemId && off.what === payload.what) s.offs = s.offs.filter((o) => o !== off);
        } else if (kind === 'stays-off') {
            for (const { off } of offs()) if (off.uuid === payload.off) Object.assign(off, { staysBecause: payload.because, substitute: payload.substitute ?? null, reviewOn: payload.reviewOn });
        }
    }
    return view;
}

/** What must come back on before anybody leaves. */
export const stillOff = (systems: VisitSystemView[]): OffView[] => systems.flatMap((s) => s.offs).filter((o) => !o.staysBecause);
