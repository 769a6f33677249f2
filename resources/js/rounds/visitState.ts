import type { OffView, ParameterView, VisitSystemView, VisitTaskView } from '../generated';
import type { Entry } from './phoneStore';

/** How an entry names a job: one the phone added by the phone’s own number, all others by the office’s. */
export const jobRef = (task: VisitTaskView): number | string => task.uuid ?? task.id;

/** The page as it was read, with what this phone has typed since laid over it. */
export function withEntries(
    systems: VisitSystemView[],
    entries: Entry[],
    unsent: ReadonlySet<string> = new Set(),
    doubted: Entry[] = [],
): VisitSystemView[] {
    const view = JSON.parse(JSON.stringify(systems)) as VisitSystemView[];
    for (const entry of entries) lay(view, entry, unsent.has(entry.uuid) ? 'not sent' : 'sent');
    for (const entry of doubted) lay(view, entry, 'doubtful: answer it');
    return view;
}

function lay(view: VisitSystemView[], { kind, payload, uuid, at }: Entry, standing: string) {
    const of = view
        .flatMap((s) => s.tasks)
        .find((t) => t.id === payload.taskId || (t.uuid !== null && t.uuid === payload.taskId));
    const system = view.find((s) => s.id === payload.systemId);
    const offs = (): { system: VisitSystemView; off: OffView }[] =>
        view.flatMap((s) => s.offs.map((off) => ({ system: s, off })));
    if (kind === 'step' && of) {
        const step = Number(payload.step);
        of.ticked = payload.undone ? of.ticked.filter((n) => n !== step) : [...new Set([...of.ticked, step])];
    } else if (kind === 'done' && of) {
        of.state = 'done';
        litres(of, payload);
    } else if (kind === 'before' && of) {
        of.before = payload.photo ? 'a photo' : String(payload.because);
    } else if (kind === 'undo' && of) {
        of.state = 'open';
        of.note = null;
    } else if (kind === 'skip' && of) {
        of.state = 'skipped';
        of.note = String(payload.reason);
    } else if (kind === 'litres' && of) {
        litres(of, payload);
        if (typeof payload.reason === 'string') of.reason = payload.reason;
    } else if (kind === 'job' && system && !system.tasks.some((t) => t.uuid === uuid)) {
        system.tasks.push(added(system.id, uuid, String(payload.text)));
    } else if (kind === 'reading' && system) {
        for (const r of [...system.readings, ...system.others])
            if (r.parameter === payload.parameter) read(r, payload, at, standing);
    } else if (kind === 'lift' && system) {
        if (!system.lifted.some((l) => l.uuid === uuid))
            system.lifted.push({ uuid, what: String(payload.what), place: String(payload.place), isBack: false });
    } else if (kind === 'put-back') {
        for (const l of view.flatMap((s) => s.lifted)) if (l.uuid === payload.lift) l.isBack = true;
    } else if (kind === 'off' && system && !system.offs.some((o) => o.what === payload.what && !o.staysBecause)) {
        system.offs.push({
            id: 0,
            uuid,
            systemId: system.id,
            what: String(payload.what),
            at,
            by: 'you',
            staysBecause: null,
            substitute: null,
            reviewOn: null,
            owner: null,
        });
    } else if (kind === 'on') {
        for (const { system: s, off } of offs())
            if (off.uuid === payload.off || (s.id === payload.systemId && off.what === payload.what))
                s.offs = s.offs.filter((o) => o !== off);
    } else if (kind === 'stays-off') {
        for (const { off } of offs())
            if (off.uuid === payload.off)
                Object.assign(off, {
                    staysBecause: payload.because,
                    substitute: payload.substitute ?? null,
                    reviewOn: payload.reviewOn,
                });
    }
}

function litres(task: VisitTaskView, payload: Record<string, unknown>) {
    if (typeof payload.outL === 'number') task.outL = payload.outL;
    if (typeof payload.inL === 'number') task.inL = payload.inL;
}

/** What was typed stands at once where it belongs; how it stands in its band only the office says. */
function read(reading: ParameterView, payload: Record<string, unknown>, at: string, standing: string) {
    reading.latest = `${payload.value} ${payload.unit}`;
    reading.latestAt = at;
    if (standing === 'sent') return;
    reading.standing = 'kept';
    reading.standingWords = standing;
}

function added(systemId: number, uuid: string, text: string): VisitTaskView {
    return {
        id: 0,
        uuid,
        systemId,
        key: 'errand',
        name: text,
        asked: null,
        turn: null,
        state: 'open',
        steps: [],
        ticked: [],
        cautions: [],
        off: [],
        readings: [],
        messy: false,
        photoFirst: false,
        before: null,
        note: null,
        litres: null,
        litresText: null,
        outL: null,
        inL: null,
        reason: null,
        methods: [],
        waterWords: [],
        sheet: 'added here',
        charges: [],
    };
}

/** What must come back on before anybody leaves. */
export const stillOff = (systems: VisitSystemView[]): OffView[] =>
    systems.flatMap((s) => s.offs).filter((o) => !o.staysBecause);

/** Steps nothing may be done without, not ticked yet. */
export const openHolds = (task: VisitTaskView): string[] =>
    task.steps.filter((s, n) => s.hold && !s.left && !task.ticked.includes(n)).map((s) => s.text);
