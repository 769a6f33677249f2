import { describe, expect, it } from 'vitest';
import { copyOf, giveIds, sameDraft, TABLES, type Draft, type Row } from './draft';

function draft(tables: Partial<Record<(typeof TABLES)[number], Row[]>> = {}, values: Draft['values'] = {}): Draft {
    return {
        values,
        bases: {},
        chambers: [],
        ...Object.fromEntries(TABLES.map((t) => [t, tables[t] ?? []])),
    } as unknown as Draft;
}

describe('a draft', () => {
    it('is copied so that neither touches the other', () => {
        const one = draft({ gear: [{ name: 'Skimmer', widthMm: 200 }] }, { lengthMm: 900 });
        const other = copyOf(one);
        expect(other).toEqual(one);
        other.gear[0].widthMm = 300;
        other.values.lengthMm = 1000;
        expect(one.gear[0].widthMm).toBe(200);
        expect(one.values.lengthMm).toBe(900);
    });

    it('of an older page has an empty table where it knew none', () => {
        const old = { values: {}, bases: {}, chambers: [] } as unknown as Draft;
        for (const table of TABLES) expect(copyOf(old)[table]).toEqual([]);
    });

    it('says the same in whatever order its facts stand, and something else with another fact or row', () => {
        const facts = draft({}, { lengthMm: 900, widthMm: 500 });
        expect(sameDraft(facts, draft({}, { widthMm: 500, lengthMm: 900 }))).toBe(true);
        expect(sameDraft(facts, draft({}, { widthMm: 501, lengthMm: 900 }))).toBe(false);
        const rows = draft({ gear: [{ name: 'a' }, { name: 'b' }] });
        expect(sameDraft(rows, draft({ gear: [{ name: 'b' }, { name: 'a' }] }))).toBe(false);
        expect(sameDraft(rows, draft({ gear: [{ name: 'a', id: '1' }, { name: 'b' }] }))).toBe(true);
    });

    it('gives each row a number of its own that stays with it', () => {
        const one = draft({ gear: [{ name: 'Skimmer' }, { name: 'Can' }], lamps: [{ name: 'Left' }] });
        giveIds(one);
        const ids = [...one.gear, ...one.lamps].map((row) => row.id);
        expect(new Set(ids).size).toBe(3);
        for (const id of ids) expect(id).toMatch(/^[0-9a-f-]{36}$/);
        one.gear.reverse();
        one.gear[0].name = 'Another can';
        one.gear.push({ name: 'New' });
        giveIds(one);
        expect(one.gear.slice(0, 2).map((row) => row.id)).toEqual([ids[1], ids[0]]);
        expect(ids).not.toContain(one.gear[2].id);
    });
});
