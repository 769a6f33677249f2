import { describe, expect, it } from 'vitest';
import type { TableSpecView } from '../generated';
import { withoutBlank } from './blank';
import { TABLES, type Draft, type Row } from './draft';

const spec = {
    word: 'thing',
    columns: [
        { key: 'kind', kind: null, letters: 0, choices: { pump: 'pump' } },
        { key: 'widthMm', kind: 'mm', letters: 0, choices: {} },
        { key: 'note', kind: null, letters: 40, choices: {} },
    ],
} as unknown as TableSpecView;
const blank: Row = { name: '', kind: 'pump', widthMm: null, note: '' };

function draft(gear: Row[], chambers: Draft['chambers'] = []): Draft {
    return {
        values: {},
        bases: {},
        chambers,
        ...Object.fromEntries(TABLES.map((t) => [t, t === 'gear' ? gear : []])),
    } as unknown as Draft;
}

describe('rows that were only just added', () => {
    it('are not sent before anything is typed', () => {
        expect(withoutBlank(draft([blank]), { gear: spec }).gear).toEqual([]);
        const begun: Row[] = [{ name: 'Skimmer' }, { widthMm: 0 }, { note: 'left' }];
        for (const typed of begun)
            expect(withoutBlank(draft([{ ...blank, ...typed }]), { gear: spec }).gear).toHaveLength(1);
    });

    it('and chambers divide nothing before one says how long it is', () => {
        const [intake, back] = [
            { name: 'Intake', lengthMm: null, baffleMm: null },
            { name: 'Return', lengthMm: null, baffleMm: null },
        ];
        expect(withoutBlank(draft([], [intake, back]), {}).chambers).toEqual([]);
        expect(withoutBlank(draft([], [{ ...intake, lengthMm: 200 }, back]), {}).chambers).toHaveLength(2);
        const skimmer = { name: 'Skimmer', lengthMm: null, baffleMm: null };
        expect(
            withoutBlank(draft([], [{ ...intake, lengthMm: 200 }, skimmer, back]), {}).chambers.map((c) => c.name),
        ).toEqual(['Intake', 'Return']);
    });
});
