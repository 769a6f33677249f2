import type { ChamberView, GearView, HoleView, LampView, LightPointView, OtherVesselView } from '../generated';

/** What is known of a build: values, what each rests on, and the sump's chambers. */
export interface BuildFacts {
    values: Record<string, number | string | null>;
    bases: Record<string, string>;
    chambers: ChamberView[];
}

/** The facts of a plan while they are typed, with what it places. */
export interface Draft extends BuildFacts {
    vessels: OtherVesselView[];
    lamps: LampView[];
    points: LightPointView[];
    holes: HoleView[];
    gear: GearView[];
}

/** A copy that shares nothing. Rows may lack when an older page kept the draft. */
export function copyOf(of: BuildFacts & Partial<Draft>): Draft {
    const rows = <T extends object>(list?: T[]): T[] => (list ?? []).map((row) => ({ ...row }));
    return { values: { ...of.values }, bases: { ...of.bases }, chambers: rows(of.chambers), vessels: rows(of.vessels), lamps: rows(of.lamps), points: rows(of.points), holes: rows(of.holes), gear: rows(of.gear) };
}

/** Whether two drafts say the same, in whatever order their facts stand. */
export function sameDraft(a: BuildFacts & Partial<Draft>, b: BuildFacts & Partial<Draft>): boolean {
    const plain = (of: BuildFacts & Partial<Draft>): string => JSON.stringify(copyOf(of), (_, value: unknown) => (value !== null && typeof value === 'object' && !Array.isArray(value) ? Object.fromEntries(Object.entries(value).sort(([x], [y]) => x.localeCompare(y))) : value));
    return plain(a) === plain(b);
}
