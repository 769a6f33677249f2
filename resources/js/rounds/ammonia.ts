import type { AmmoniaTableView } from '../generated';
import type { Entry } from './outbox';

/** What stands in the tables the page brought along: nothing is worked out here, so it holds without signal. */
export interface AmmoniaWords {
    severity: 'stop' | 'fix' | 'fine';
    words: string;
}

interface Typed {
    value: number;
    unit: string;
}

/** The last value typed for that parameter on this phone. */
function typed(entries: Entry[], systemId: number, parameter: string): Typed | null {
    const found = entries
        .filter((e) => e.kind === 'reading' && e.payload.systemId === systemId && e.payload.parameter === parameter)
        .at(-1);
    return found ? { value: Number(found.payload.value), unit: String(found.payload.unit) } : null;
}

export function lookUp(table: AmmoniaTableView, entries: Entry[], systemId: number): AmmoniaWords | null {
    const total = typed(entries, systemId, 'ammonia');
    if (!total) return null;
    const knownPh = typed(entries, systemId, 'ph')?.value ?? table.ph;
    const known =
        typed(entries, systemId, 'temperature') ?? (table.tempC === null ? null : { value: table.tempC, unit: '°C' });
    const row = (ph: number) => {
        const atPh = [...new Set(table.limits.map((r) => r.ph))].find((p) => p >= ph - 1e-9) ?? table.limits.at(-1)?.ph;
        const rows = table.limits.filter((r) => r.ph === atPh);
        return (
            (known
                ? rows.find((r) => r.temp[known.unit] >= known.value - 1e-9)
                : rows.find((r) => r.temp['°C'] >= table.warmestC)) ?? rows.at(-1)
        );
    };
    const at = row(knownPh ?? table.worstPh);
    if (!at || at.act[total.unit] === undefined) return null;
    const counted = knownPh === null ? `pH not read within a day, so ${table.worstPh} is counted. ` : '';
    if (total.value < at.act[total.unit])
        return { severity: 'fine', words: `${counted}Free ammonia lies under the limit at which one acts.` };
    const isStop = total.value >= at.stop[total.unit];
    const change = table.changes.find((c) => c.ph === at.ph && total.value <= c.most[total.unit]);
    const answer = change
        ? `Change ${change.change} with matched water; on the way it reaches ${change.peak} times what it is now.`
        : table.none;
    return {
        severity: isStop ? 'stop' : 'fix',
        words: `${isStop ? 'Stop. ' : ''}Free ammonia ${isStop ? 'burns gills: change water now' : 'asks to act today'}. ${counted}${answer} Aerate, stop feeding, find what died, test again.`,
    };
}
