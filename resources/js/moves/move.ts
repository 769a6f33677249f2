import type {
    CarryView,
    FindingView,
    MoveBeforeView,
    MoveBoxView,
    MoveCourseView,
    MoveGateView,
    MoveHeadView,
    MoveTruckView,
    MoveWaterView,
} from '../generated';

export interface PersonDoc {
    id: string;
    label?: string | null;
    limitKg?: number | null;
    skills?: string[];
    /** Comes only when called. */
    spare?: boolean;
    /** There from then, and until then; empty: all of it. */
    fromMin?: number | null;
    untilMin?: number | null;
    /** Takes the wheel. */
    drives?: boolean;
}
export interface AnimalDoc {
    id: string;
    label?: string | null;
    coral?: boolean;
    count?: number | null;
    lengthCm?: number | null;
    deep?: boolean;
    alone?: boolean;
    glued?: boolean;
    toxic?: boolean;
    box?: string | null;
    /** What its kind needs, min; nothing: as the waters say. */
    acclimationMin?: number | null;
    /** A coral with large soft flesh. */
    fleshy?: boolean;
}
export interface BoxDoc {
    id: string;
    label?: string | null;
    litres?: number | null;
    wall?: string | null;
    lengthMm?: number | null;
    widthMm?: number | null;
    heightMm?: number | null;
    tareKg?: number | null;
    airLMin?: number | null;
    airHours?: number | null;
    cabin?: boolean;
    /** The vehicle somebody has chosen; nothing: whichever has room. */
    rides?: string | null;
    /** Off it as number so and so. */
    leaves?: number | null;
    /** Of warm packs beside it, W. */
    warmW?: number | null;
}
/** A box where nobody has said another. */
export const USUAL_BOX: Omit<BoxDoc, 'id'> = {
    litres: 28,
    wall: 'foam',
    lengthMm: 600,
    widthMm: 400,
    heightMm: 320,
    airLMin: 0,
    airHours: null,
    cabin: false,
};
export interface PieceDoc {
    id: string;
    label?: string | null;
    kind?: string | null;
    lengthMm?: number | null;
    widthMm?: number | null;
    heightMm?: number | null;
    kg?: number | null;
    verdict?: string | null;
    reused?: boolean;
    acrylic?: boolean;
    ageYears?: number | null;
    unions?: number | null;
    rides?: string | null;
    leaves?: number | null;
    /** reuse, service, replace or sell; nothing: nobody has decided. */
    fate?: string | null;
    leadDays?: number | null;
    /** Of rock: damp or submerged. */
    ride?: string | null;
}
/** A vehicle beside the first. */
export interface VehicleDoc {
    id: string;
    label?: string | null;
    hired?: boolean;
    backMin?: number | null;
    lengthMm?: number | null;
    widthMm?: number | null;
    heightMm?: number | null;
    payloadKg?: number | null;
    crewKg?: number | null;
    latePerH?: number | null;
}
export type Numbers = Record<string, number | null | undefined>;
export interface MoveDoc {
    beginsMin?: number | null;
    truckBackMin?: number | null;
    leaveByMin?: number | null;
    insideByMin?: number | null;
    fish?: string | null;
    people: PersonDoc[];
    animals: AnimalDoc[];
    boxes: BoxDoc[];
    pieces: PieceDoc[];
    way: Record<string, number | boolean | null | undefined>;
    waters: Record<string, number | Numbers | null | undefined>;
    holding: Record<string, number | boolean | string | null | undefined>;
    truck?: Numbers | null;
    vehicles?: VehicleDoc[];
    /** What an hour past each end costs: truck, leave, inside. */
    late?: Numbers | null;
    planB?: {
        days?: number | null;
        agreedBy?: string | null;
        agreedOn?: string | null;
        otherDay?: string | null;
        /** What is done if a Stop is still one on the day. */
        stops?: { stop: string; then?: string | null }[] | null;
    } | null;
    ticks: string[];
}

/** What every page of a move is handed. */
export interface MoveProps {
    move: MoveHeadView;
    written: MoveDoc;
    conflict: boolean;
    wrong: { field: string; words: string } | null;
    missing: string[];
    course: MoveCourseView | null;
    boxes: MoveBoxView[];
    trucks: MoveTruckView[];
    waters: MoveWaterView;
    gates: MoveGateView[];
    findings: FindingView[];
    boxing: { boxes: string[][]; left: string[]; proven: boolean } | null;
    people: { id: number; name: string; skills: string[]; busy: string | null }[];
    /** Sunset at the new place that day; null: nobody knows where or when. */
    darkMin: number | null;
    currency: string;
    /** So few of those who come would do; null: all of them are too few, or nobody can say. */
    crewNeeded: number | null;
    /** Of which kinds it is asked what becomes of them, and which fates take time. */
    fates: { asked: string[]; takeTime: string[] };
    photos: { id: number; of: string; href: string }[];
    before: MoveBeforeView[];
    carried: CarryView[];
}

/** Too short: what lasts is over before it is out; glue is never filled upon before it has cured. */
export const isShort = (c: { kind: string; lastsMin: number; untilMin: number }): boolean =>
    c.kind !== 'glue' && c.lastsMin < c.untilMin;

const DAY_MIN = 1440;

/** Minutes of a day as a clock shows them; past midnight it goes on with the next day. */
export function clockOf(minute: number): string {
    const m = ((Math.round(minute) % DAY_MIN) + DAY_MIN) % DAY_MIN;
    return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
}

/** What somebody types as a time of day, in minutes; null: it is none. */
export function minuteOf(text: string): number | null {
    const found = /^\s*(\d{1,2})[:.h]?(\d{2})?\s*$/.exec(text);
    if (!found) return null;
    const [hour, minute] = [Number(found[1]), Number(found[2] ?? 0)];
    return hour < 24 && minute < 60 ? hour * 60 + minute : null;
}

/** Rows that do not meet in time, one below the other. */
export function lanes<T extends { fromMin: number; untilMin: number }>(steps: T[]): { step: T; lane: number }[] {
    const ends: number[] = [];
    return steps.map((step) => {
        const free = ends.findIndex((end) => end <= step.fromMin + 1e-6);
        const lane = free === -1 ? ends.length : free;
        ends[lane] = step.untilMin;
        return { step, lane };
    });
}

/** A name no row has yet. */
export function freshId(letter: string, rows: { id: string }[]): string {
    const used = new Set(rows.map((r) => r.id));
    let n = rows.length + 1;
    while (used.has(`${letter}${n}`)) n++;
    return `${letter}${n}`;
}

interface HandsStep {
    label: string;
    fromMin: number;
    state: string;
    hands: string[];
}
/** What each of the team does now and next, by when it comes; whoever asks stands first. */
export function nextOfEach<S extends HandsStep>(
    steps: S[],
    me: string | null,
): { name: string; now: S | null; next: S | null }[] {
    const open = steps.filter((s) => s.state === 'running' || s.state === 'open');
    const names = [...new Set(open.flatMap((s) => s.hands))];
    const of = (name: string, state: string) => open.find((s) => s.state === state && s.hands.includes(name)) ?? null;
    return names
        .map((name) => ({ name, now: of(name, 'running'), next: of(name, 'open') }))
        .sort((a, b) => Number(b.name === me) - Number(a.name === me));
}
