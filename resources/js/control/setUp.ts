import type { InjectionKey } from 'vue';
import type { StartsView } from '../generated';
/** A set-up as it is written: units stand in the names of keys. */
export interface PauseDoc {
    state: string | number;
    s: number;
    /** How often it is begun on a usual day; left out: nobody has said. */
    timesADay?: number;
}
export interface RuleDoc {
    kind: string;
    [key: string]: unknown;
}
export interface OutletDoc {
    id: string;
    place: string;
    rule: RuleDoc;
    lostLink?: string | number | null;
    lostLinkSummer?: string | number | null;
    minimumOnS?: number;
    minimumOffS?: number;
    maximumOnS?: number | null;
    afterMaximum?: string;
    restS?: number;
    powerReturnS?: number;
    pauses?: Record<string, PauseDoc>;
    /** What a lamp does when power returns. */
    comesBack?: 'plan' | 'full' | 'dark';
    /** Meant to be lit while the display is dark. */
    reversed?: boolean;
    /** Who may let it do something else for a while; left out: nobody has said. */
    override?: 'works-there' | 'planners' | 'nobody';
}
export interface ConditionDoc {
    probe?: string;
    above?: number;
    below?: number;
    switch?: string;
    closed?: boolean;
}
export interface GuardDoc {
    id: string;
    outlet: string;
    when: ConditionDoc[];
    forS: number;
    then: string | number;
    clears?: ConditionDoc | null;
    rank: string;
    blind?: string | null;
}
export interface SetUpDoc {
    outlets: OutletDoc[];
    guards: GuardDoc[];
}
export interface Change {
    id: string;
    path: string;
    value: string | number;
}

export const RULES: [string, string][] = [
    ['on', 'always on'],
    ['off', 'always off'],
    ['hold', 'holds a value'],
    ['day', 'by the time of day'],
    ['follow', 'follows another outlet'],
    ['pulse', 'doses at fixed times'],
    ['refill', 'fills up'],
    ['timed-run', 'runs at the press of a button'],
];

/** A rule of that kind with nothing said that flatters: what somebody has to decide stays empty. */
/** Where what is new begins, as the office hands it over. */
export const STARTS = Symbol('starts') as InjectionKey<StartsView>;

export function blankRule(kind: string, probe: string | undefined, starts: StartsView): RuleDoc {
    const rules: Record<string, RuleDoc> = {
        hold: { kind, probe: probe ?? '', startAt: starts.startC, stopAt: starts.stopC },
        day: {
            kind,
            points: [
                { minute: 600, level: 'on' },
                { minute: 1260, level: 'off' },
            ],
        },
        follow: { kind, outlet: '', onDelayS: 0, offDelayS: 0 },
        pulse: { kind, minutes: [60, 780], s: 60, mlPerMin: 10 },
        refill: { kind, low: '', high: '', dryS: 10, restS: 300, litresPerH: 60 },
        'timed-run': { kind, s: 900 },
    };
    return rules[kind] ?? { kind };
}

/** The same set-up with changes made; the old one is untouched. */
export function corrected(doc: SetUpDoc, changes: Change[]): SetUpDoc {
    const next = JSON.parse(JSON.stringify(doc)) as SetUpDoc;
    for (const change of changes) {
        const part = [...next.outlets, ...next.guards].find((p) => p.id === change.id);
        if (!part) continue;
        const steps = change.path.split('.');
        let at = part as unknown as Record<string, unknown>;
        for (const step of steps.slice(0, -1)) {
            if (typeof at[step] !== 'object' || at[step] === null || Array.isArray(at[step])) at[step] = {};
            at = at[step] as Record<string, unknown>;
        }
        at[steps[steps.length - 1]] = change.value;
    }
    return next;
}

/** Start and stop of a band: counted whole, or each way from the middle (half). */
export function band(middle: number, wide: number, counted: 'whole' | 'half', cools: boolean) {
    const half = counted === 'whole' ? wide / 2 : wide;
    const [low, high] = [round(middle - half), round(middle + half)];
    return cools ? { startAt: high, stopAt: low } : { startAt: low, stopAt: high };
}
const round = (value: number) => Number(value.toFixed(4));

/** "07:30" as minutes of the day, and back. */
export const minuteOf = (clock: string): number | null => {
    const read = /^(\d{1,2}):(\d{2})$/.exec(clock.trim());
    const minute = read ? Number(read[1]) * 60 + Number(read[2]) : NaN;
    return Number.isFinite(minute) && minute < 1440 && Number(read?.[2]) < 60 ? minute : null;
};
export const clockOf = (minute: number): string =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(Math.round(minute % 60)).padStart(2, '0')}`;

/** So many moments, evenly over the day, from a first one. */
export const spread = (count: number, from: number): number[] =>
    Array.from({ length: count }, (_, n) => (from + Math.round((n * 1440) / count)) % 1440).sort((a, b) => a - b);
