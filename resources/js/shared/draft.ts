import type { ChamberView, PlanDraftView } from '../generated';
import { newId } from './send';

/** What is known of a build: values, what each rests on, and the sump's chambers. */
export interface BuildFacts {
    values: Record<string, number | string | null>;
    bases: Record<string, string>;
    chambers: ChamberView[];
}

/** One row of a plan's table, as typed. */
export type Row = Record<string, number | string | boolean | null>;

/** Rows in the order they were added; what a page of an older day does not know yet stands empty. */
export const TABLES = [
    'vessels',
    'curve',
    'outlets',
    'draws',
    'layers',
    'streams',
    'joints',
    'holes',
    'lamps',
    'channels',
    'points',
    'gear',
    'ledges',
    'compartments',
    'board',
    'loads',
    'ways',
    'penetrations',
    'phases',
] as const;
export type Tables = Record<(typeof TABLES)[number], Row[]>;

/** The facts of a plan while they are typed, with what it places. */
export interface Draft extends BuildFacts, Tables {}

/** As a plan is sent: its tables become the draft's own. */
export function draftOf(sent: PlanDraftView): Draft {
    return copyOf({
        values: sent.values,
        bases: sent.bases,
        ...(sent.tables as unknown as Tables & { chambers: ChamberView[] }),
    });
}

/** A copy that shares nothing. Rows may lack when an older page kept the draft. */
export function copyOf(of: BuildFacts & Partial<Draft>): Draft {
    const rows = <T extends object>(list?: T[]): T[] => (list ?? []).map((row) => ({ ...row }));
    return {
        values: { ...of.values },
        bases: { ...of.bases },
        chambers: rows(of.chambers),
        ...(Object.fromEntries(TABLES.map((t) => [t, rows(of[t])])) as Tables),
    };
}

/**
 * A row is called by its own number from the moment it is there: whatever becomes of its name and place, what was
 * answered about it stays answered.
 */
export function giveIds(draft: Tables): void {
    for (const table of TABLES) for (const row of draft[table]) row.id ??= newId();
}

/** Whether two drafts say the same, in whatever order their facts stand. */
export function sameDraft(a: BuildFacts & Partial<Draft>, b: BuildFacts & Partial<Draft>): boolean {
    const plain = (of: BuildFacts & Partial<Draft>): string =>
        JSON.stringify(copyOf(of), (_, value: unknown) =>
            value !== null && typeof value === 'object' && !Array.isArray(value)
                ? Object.fromEntries(
                      Object.entries(value)
                          .filter(([key]) => key !== 'id')
                          .sort(([x], [y]) => x.localeCompare(y)),
                  )
                : value,
        );
    return plain(a) === plain(b);
}
