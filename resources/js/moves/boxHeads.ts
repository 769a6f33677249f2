import type { BoxHeadsView, MoveBoxView } from '../generated';

/** Something this phone has said that the page does not show yet. */
export interface Said {
    kind: string;
    payload: Record<string, unknown>;
}
export interface BoxHeads {
    planned: number;
    in: number | null;
    home: number | null;
    held: number | null;
    loaded: boolean;
    off: boolean;
    riders: { id: string; label: string; count: number; lost: number }[];
    /** In it still; null: nobody has counted what went in. */
    inside: number | null;
    /** Not in it when it was counted in, and not signed for. */
    short: number;
    /** Every one is counted out or signed for. */
    isEmpty: boolean;
    /** What is said next of it. */
    next: 'in' | 'load' | 'off' | 'out' | 'nothing';
}

/** A box as it was counted, in words; empty: nobody has. */
export function countedWords(heads: BoxHeadsView): string {
    const words = [
        heads.in === null ? '' : `${heads.in} of ${heads.planned} counted in`,
        heads.home ? `${heads.home} in the new water` : '',
        heads.held ? `${heads.held} in the holding` : '',
        heads.lost ? `${heads.lost} lost` : '',
    ];
    return words.filter(Boolean).join(', ');
}

const sum = (riders: { lost: number }[]): number => riders.reduce((all, r) => all + r.lost, 0);

/** How a box stands by the office and by what this phone has said since; null: no animal rides in it. */
export function headsOf(box: MoveBoxView, said: Said[], drives: boolean): BoxHeads | null {
    if (!box.heads) return null;
    const { planned } = box.heads;
    const now = { ...box.heads };
    const riders = box.riders.map((r) => ({ ...r }));
    for (const { kind, payload } of said) {
        const value = Number(payload.value ?? 0);
        const rider = riders.find((r) => r.id === payload.of);
        if (kind === 'lost' && rider) rider.lost = value;
        if (payload.of !== box.id) continue;
        if (kind === 'count') [now.in, now.lostBefore] = [value, sum(riders)];
        if (kind === 'loaded') now.loaded = true;
        if (kind === 'off') now.off = true;
        if (kind === 'home') now.home = value;
        if (kind === 'held') now.held = value;
    }
    const out = (now.home ?? 0) + (now.held ?? 0);
    const inside = now.in === null ? null : now.in - out - (sum(riders) - now.lostBefore);
    const isOut = now.home !== null || now.held !== null;
    const isEmpty = inside !== null && inside <= 0 && (isOut || (now.in ?? 0) > 0 || sum(riders) >= planned);
    const rides = drives && !isOut && !isEmpty;
    const next = ((): BoxHeads['next'] => {
        if (now.in === null) return 'in';
        if (isEmpty) return 'nothing';
        if (rides && !now.loaded) return 'load';
        return rides && !now.off ? 'off' : 'out';
    })();
    return {
        planned,
        in: now.in,
        home: now.home,
        held: now.held,
        loaded: now.loaded,
        off: now.off,
        riders,
        inside,
        short: planned - (now.in ?? 0) - now.lostBefore,
        isEmpty,
        next,
    };
}
