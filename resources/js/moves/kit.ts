import type { KitLineView } from '../generated';
import type { Said } from './boxHeads';

export interface KitLine extends KitLineView {
    /** Along, and not back. */
    missing: number;
}

/** A line of what is taken along, by the office and by what this phone has said since. */
export function lineNow(line: KitLineView, said: Said[]): KitLine {
    const now = { ...line };
    for (const { kind, payload } of said) {
        if (payload.of !== line.code) continue;
        if (kind === 'taken') now.taken = Number(payload.value);
        if (kind === 'back') now.back = Number(payload.value);
    }
    return { ...now, missing: Math.max(0, (now.taken ?? 0) - (now.back ?? 0)) };
}

/** Lines by whose they are, the company’s first: each counts back what is theirs. */
export function byOwner<L extends KitLineView>(lines: L[]): { owner: string | null; lines: L[] }[] {
    const owners = [...new Set(lines.map((l) => l.owner))].sort((a, b) => (a ?? '').localeCompare(b ?? ''));
    return owners.map((owner) => ({ owner, lines: lines.filter((l) => l.owner === owner) }));
}
