import { beforeEach, describe, expect, it, vi } from 'vitest';
import { goesInTurn, ofIncident, ofWork, pageOf, placeOf, type Entry, type NewEntry } from './phoneStore';
import type { Answer, LotSent } from './sendLot';
import { useOutbox } from './outbox';

/** A phone and an office as they behave, without a browser. */
const phone = vi.hoisted(() => ({ rows: [] as Entry[], seq: 0, full: false }));
const office = vi.hoisted(() => ({
    lots: [] as string[][],
    photos: [] as string[],
    turns: [] as string[],
    words: (() => ({})) as unknown as (visit: number, entries: Entry[]) => Partial<LotSent>,
    photo: (() => ({ status: 200, answer: null })) as unknown as (e: Entry) => {
        status: number;
        answer: Answer | null;
    },
}));

vi.mock('./phoneStore', async (original) => ({
    ...(await original<object>()),
    phoneStore: {
        ofVisit: async (user: number, visit: number) =>
            phone.rows.filter((e) => e.userId === user && e.visitId === visit).map((e) => ({ ...e })),
        add: async (entry: NewEntry) => {
            if (phone.full) throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
            phone.rows.push({ ...entry, seq: ++phone.seq });
            return phone.seq;
        },
        put: async (entry: Entry) => {
            phone.rows = [...phone.rows.filter((e) => e.seq !== entry.seq), entry];
        },
        drop: async (seqs: number[]) => {
            phone.rows = phone.rows.filter((e) => !seqs.includes(e.seq));
        },
    },
}));
vi.mock('./sendLot', () => ({
    sendWords: async (visit: number, entries: Entry[]): Promise<LotSent> => {
        office.lots.push(entries.map((e) => e.kind));
        return { status: 200, answers: [], state: 'underway', offs: [], skewS: 0, ...office.words(visit, entries) };
    },
    sendPhoto: async (entry: Entry) => {
        office.photos.push(entry.uuid);
        return office.photo(entry);
    },
    sendInTurn: async (entry: Entry) => {
        office.turns.push(entry.kind + (entry.photo ? ' with a photo' : ''));
        return office.photo(entry);
    },
}));
vi.mock('./waitingLine', () => ({ visitOnScreen: { value: null } }));
vi.mock('vue', async (original) => ({
    ...(await original<object>()),
    onMounted: () => undefined,
    onUnmounted: () => undefined,
}));

const yes = (entries: Entry[], outcome: Answer['outcome'] = 'ok', words: string | null = null): Partial<LotSent> => ({
    answers: entries.map((e) => ({ uuid: e.uuid, outcome, words })),
});
const settle = async () => {
    for (let n = 0; n < 30; n++) await Promise.resolve();
};

beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('window', globalThis);
    Object.assign(phone, { rows: [], seq: 0, full: false });
    Object.assign(office, { lots: [], photos: [], turns: [] });
    office.words = (_, entries) => yes(entries);
    office.photo = (entry) => ({ status: 200, answer: { uuid: entry.uuid, outcome: 'ok', words: null } });
});

describe('the outbox of a visit', () => {
    it('does not say that everything went while something is just being kept', async () => {
        const box = useOutbox(7, 1, () => undefined);
        const kept = box.keep('step', { step: 1 });
        expect(box.waiting.value.length + box.keeping.value).toBe(1);
        await kept;
        expect(box.keeping.value).toBe(0);
        phone.full = true;
        await box.keep('done', { taskId: 3 });
        expect(box.keeping.value).toBe(0);
        expect(box.unsafe.value.map((e) => e.kind)).toEqual(['done']);
    });

    it('sends what is typed in order, and keeps it until the office has answered', async () => {
        const box = useOutbox(7, 1, () => undefined);
        office.words = () => {
            throw new Error('no connection');
        };
        await box.keep('step', { step: 1 });
        await box.keep('done', { taskId: 3 });
        await settle();
        expect(box.signal.value).toBe(false);
        expect(phone.rows.map((e) => e.kind)).toEqual(['step', 'done']);
        office.words = (_, entries) => yes(entries);
        await box.flush();
        expect(office.lots.at(-1)).toEqual(['step', 'done']);
        expect([phone.rows, box.waiting.value]).toEqual([[], []]);
        expect(box.taken.value.map((e) => e.kind)).toEqual(['step', 'done']);
        expect(box.signal.value).toBe(true);
    });

    it('keeps what must wait, and says what was refused', async () => {
        const box = useOutbox(7, 1, () => undefined);
        office.words = (_, entries) => ({
            answers: entries.map((e) => ({
                uuid: e.uuid,
                outcome: e.kind === 'on' ? 'wait' : 'refused',
                words: 'tick the hold',
            })),
        });
        await box.keep('done', {});
        await box.keep('on', {});
        await settle();
        expect(box.waiting.value.map((e) => e.kind)).toEqual(['on']);
        expect(box.heard.value.map((h) => h.words)).toContain('tick the hold');
        expect(box.taken.value).toEqual([]);
    });

    it('holds a doubtful reading until somebody gives it a word', async () => {
        const box = useOutbox(7, 1, () => undefined);
        office.words = (_, entries) => yes(entries, 'asked', 'ten times off?');
        await box.keep('reading', { value: 80 });
        await settle();
        expect(box.waiting.value).toEqual([]);
        expect(box.doubted.value.map((e) => e.asked)).toEqual(['ten times off?']);
        expect(phone.rows[0].asked).toBe('ten times off?');
        office.words = (_, entries) => yes(entries);
        await box.answerDoubt(box.doubted.value[0], { value: 8 });
        await settle();
        expect(box.taken.value.map((e) => e.payload)).toEqual([{ value: 8 }]);
        expect([box.doubted.value, phone.rows]).toEqual([[], []]);
    });

    it('says that the phone is full, keeps it on the screen, sends it, and tries the phone again', async () => {
        const box = useOutbox(7, 1, () => undefined);
        phone.full = true;
        office.words = () => ({ status: 503 });
        await box.keep('done', {});
        await settle();
        expect(box.blocked.value).toBe('The storage of this phone is full.');
        expect([box.unsafe.value.length, box.waiting.value.length, phone.rows.length]).toEqual([1, 1, 0]);
        phone.full = false;
        await box.keepAgain();
        await settle();
        expect([box.blocked.value, box.unsafe.value, phone.rows.length]).toEqual([null, [], 1]);
        office.words = (_, entries) => yes(entries);
        await box.flush();
        expect(phone.rows).toEqual([]);
    });

    it('lets no photo that does not go hold up the others, nor the words', async () => {
        const box = useOutbox(7, 1, () => undefined);
        const first = await box.keep('photo', { caption: 'a' }, new Blob(['1']));
        await settle();
        office.photos.length = 0;
        office.photo = (entry) =>
            entry.payload.caption === 'bad'
                ? { status: 500, answer: null }
                : { status: 200, answer: { uuid: entry.uuid, outcome: 'ok', words: null } };
        const bad = await box.keep('photo', { caption: 'bad' }, new Blob(['2']));
        const good = await box.keep('photo', { caption: 'good' }, new Blob(['3']));
        await box.keep('done', {});
        await settle();
        await box.flush();
        await settle();
        expect(office.photos).toContain(good);
        expect(box.waiting.value.map((e) => e.uuid)).toEqual([bad]);
        expect(office.lots.flat()).toEqual(['done']);
        expect(box.taken.value.map((e) => e.uuid)).toContain(first);
    });

    it('throws nothing away when the office cannot read a lot, or the visit is no longer ours', async () => {
        const box = useOutbox(7, 1, () => undefined);
        for (const [status, words] of [
            [422, 'could not read'],
            [403, 'no longer yours'],
        ] as const) {
            office.words = () => ({ status });
            await box.keep('done', {});
            await settle();
            expect(box.refusedAll.value).toContain(words);
        }
        expect(phone.rows).toHaveLength(2);
    });
});

describe('the outbox of a work', () => {
    const work = ofWork(7);
    it('sends words and photos one by one, as they were said', async () => {
        const box = useOutbox(work, 1, () => undefined);
        await Promise.all([
            box.keep('mark', { step: 'a' }, new Blob(['x'])),
            box.keep('mark', { step: 'b' }),
            box.keep('exchange', {}),
        ]);
        await settle();
        await box.flush();
        await settle();
        expect(office.turns).toEqual(['mark with a photo', 'mark', 'exchange']);
        expect([office.lots, office.photos, phone.rows]).toEqual([[], [], []]);
    });

    it('holds up what rests on one that did not get through, and says what the office refused', async () => {
        office.photo = () => ({ status: 503, answer: null });
        const box = useOutbox(work, 1, () => undefined);
        await box.keep('mark', { step: 'a' });
        await box.keep('mark', { step: 'b' });
        await settle();
        const tried = office.turns.length;
        await box.flush();
        await settle();
        expect(office.turns.length).toBe(tried + 1);
        expect(phone.rows).toHaveLength(2);
        office.photo = (entry) =>
            entry.payload.step === 'a'
                ? { status: 422, answer: { uuid: entry.uuid, outcome: 'refused', words: 'Not yet.' } }
                : { status: 200, answer: { uuid: entry.uuid, outcome: 'ok', words: null } };
        await box.flush();
        await settle();
        expect(box.heard.value.map((h) => h.words)).toEqual(['Not yet.']);
        expect(phone.rows).toHaveLength(0);
    });

    it('has a place and a page of its own, apart from moves and incidents', () => {
        expect([work, ofIncident(7), -7, 7].map(placeOf)).toEqual([
            '/works/7',
            '/incidents/7',
            '/moves/7',
            '/visits/7',
        ]);
        expect([work, ofIncident(7), -7, 7].map(pageOf)).toEqual([
            '/works/7',
            '/incidents/7',
            '/moves/7/go',
            '/visits/7',
        ]);
        expect([work, ofIncident(999_999), -7, 7].map(goesInTurn)).toEqual([true, false, false, false]);
    });
});
