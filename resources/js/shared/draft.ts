import type { ChamberView, LampView } from '../generated';

/** The facts of a build while they are typed. */
export interface Draft {
    values: Record<string, number | string | null>;
    bases: Record<string, string>;
    chambers: ChamberView[];
    lamps?: LampView[];
}
