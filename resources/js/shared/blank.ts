import type { ChamberView, TableSpecView } from '../generated';
import { TABLES, type Draft, type Row } from './draft';

/** A row somebody has added and not begun: no number, no word. What is chosen from a list was not typed. */
const isBlank = (row: Row, spec: TableSpecView): boolean =>
    !row.name && spec.columns.every((c) => (c.kind ? row[c.key] === null : c.letters ? !row[c.key] : true));

/** Chambers that say how long they are; the last takes the rest. One alone divides nothing. */
function divided(chambers: ChamberView[]): ChamberView[] {
    const said = chambers.filter((c, i) => i === chambers.length - 1 || c.lengthMm !== null || c.baffleMm !== null);
    return said.length > 1 ? said : [];
}

/** What is sent of a draft: rows that were only just added say nothing yet, and nobody is told that they are wrong. */
export function withoutBlank(draft: Draft, specs: Record<string, TableSpecView>): Draft {
    const clean: Draft = { ...draft, chambers: divided(draft.chambers) };
    for (const table of TABLES) {
        const spec = specs[table];
        if (spec) clean[table] = draft[table].filter((row) => !isBlank(row, spec));
    }
    return clean;
}
