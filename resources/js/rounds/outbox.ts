import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue';
import type { OffView } from '../generated';
import { newId } from '../shared/send';
import { goesInTurn, pageOf, phoneStore, type Entry, type NewEntry } from './phoneStore';
import { sendInTurn, sendPhoto, sendWords, type Answer } from './sendLot';
import { visitOnScreen } from './waitingLine';

export type { Entry } from './phoneStore';

export interface Heard extends Answer {
    entry: Entry;
}

const AGAIN_MS = 6_000;
const HEARD_KEPT = 40;
/** A clock so far off is said. */
const CLOCK_OFF_S = 120;

/** What is typed at one visit: kept, sent in order, answered. */
export function useOutbox(
    visitId: number,
    userId: number,
    /** Null: a photo or a step went, and the office said no more. */
    settled: (fresh: { state: string; offs: OffView[] } | null) => void,
) {
    /** Kept on this phone, not yet answered, in order. */
    const stored = shallowRef<Entry[]>([]);
    /** This phone could not keep these: they stand on this screen alone. */
    const unsafe = shallowRef<Entry[]>([]);
    const waiting = computed(() => [
        ...stored.value.filter((e) => !e.asked && !e.moved && !e.refused),
        ...unsafe.value,
    ]);
    /** Doubted by the office: waiting for a word, over reloads. */
    const doubted = computed(() => stored.value.filter((e) => e.asked));
    const homeless = computed(() => stored.value.filter((e) => e.moved));
    /** Answered with yes since the page was read. */
    const taken = shallowRef<Entry[]>([]);
    /** Everything the office had words for, newest first. */
    const heard = shallowRef<Heard[]>([]);
    const signal = ref(true);
    const signedOut = ref(false);
    const refusedAll = ref<string | null>(null);
    const sending = ref(false);
    /** How many are just being put on this phone: until they are, nobody may say that everything went. */
    const keeping = ref(0);
    /** What this phone keeps has been looked at: before that nobody may say that everything went. */
    const looked = ref(false);
    /** Why this phone keeps nothing, if it does not. */
    const blocked = ref<string | null>(null);
    const skewS = ref(0);
    let timer = 0;
    let lastNumber = 0;

    const why = (error: unknown): string =>
        (error as Error | null)?.name === 'QuotaExceededError'
            ? 'The storage of this phone is full.'
            : 'This browser does not let the page keep anything.';

    async function load() {
        try {
            stored.value = await phoneStore.ofVisit(userId, visitId);
            looked.value = true;
        } catch (error) {
            blocked.value = why(error);
            return;
        }
        for (const entry of stored.value.filter((e) => e.refused)) {
            heard.value = [{ uuid: entry.uuid, outcome: 'refused', words: entry.refused ?? '', entry }, ...heard.value];
            await drop([entry]);
        }
    }

    async function keep(kind: string, payload: Record<string, unknown>, photo?: Blob): Promise<string> {
        const plain = JSON.parse(JSON.stringify(payload)) as Record<string, unknown>;
        const entry: NewEntry = {
            visitId,
            userId,
            uuid: newId(),
            kind,
            at: new Date().toISOString(),
            payload: plain,
            ...(photo ? { photo } : {}),
        };
        await store(entry);
        void flush();
        return entry.uuid;
    }

    /** On the phone; where that fails, on this screen, said at once, and offered again. */
    async function store(entry: NewEntry): Promise<boolean> {
        keeping.value++;
        try {
            const seq = await phoneStore.add(entry);
            stored.value = [...stored.value, { ...entry, seq }];
            blocked.value = null;
            return true;
        } catch (error) {
            blocked.value = why(error);
            unsafe.value = [...unsafe.value, { ...entry, seq: --lastNumber }];
            return false;
        } finally {
            keeping.value--;
        }
    }

    function bare(entry: Entry): NewEntry {
        const copy: Partial<Entry> = { ...entry };
        delete copy.seq;
        return copy as NewEntry;
    }

    /** Tries again to keep what stands on this screen alone. */
    async function keepAgain() {
        const all = unsafe.value;
        unsafe.value = [];
        for (const entry of all) await store(bare(entry));
        void flush();
    }

    async function drop(entries: Entry[]) {
        const gone = new Set(entries.map((e) => e.seq));
        await phoneStore.drop(entries.filter((e) => e.seq > 0).map((e) => e.seq)).catch(() => undefined);
        stored.value = stored.value.filter((e) => !gone.has(e.seq));
        unsafe.value = unsafe.value.filter((e) => !gone.has(e.seq));
    }

    /** Stays on the phone with what the office said about it. */
    async function mark(entry: Entry, more: Partial<Entry>) {
        const marked = { ...entry, ...more };
        if (entry.seq > 0) await phoneStore.put(marked).catch(() => undefined);
        unsafe.value = unsafe.value.filter((e) => e.seq !== entry.seq);
        stored.value = [...stored.value.filter((e) => e.seq !== entry.seq), marked].sort((a, b) => a.seq - b.seq);
    }

    async function hear(entry: Entry, answer: Answer) {
        if (answer.outcome === 'asked' && entry.kind === 'reading')
            await mark(entry, { asked: answer.words ?? 'Is that right?' });
        else if (answer.outcome === 'moved')
            await mark(entry, { moved: { words: answer.words ?? '', others: answer.others ?? [] } });
        else await drop([entry]);
        if (answer.outcome === 'ok') taken.value = [...taken.value, entry];
        if (answer.words && answer.outcome !== 'moved')
            heard.value = [{ ...answer, entry }, ...heard.value].slice(0, HEARD_KEPT);
    }

    /** A doubtful reading gets its word: that is what it says, or another value, or it is dropped. */
    async function answerDoubt(entry: Entry, payload: Record<string, unknown> | null) {
        await drop([entry]);
        heard.value = heard.value.filter((h) => h.uuid !== entry.uuid);
        if (payload) await keep('reading', payload);
    }

    /** A photo whose visit moved: to another visit of one's own at the same place. */
    async function rehome(entry: Entry, toVisit: number) {
        await mark(entry, { visitId: toVisit, moved: undefined });
        stored.value = stored.value.filter((e) => e.seq !== entry.seq);
        const { answer } = await sendPhoto({ ...entry, visitId: toVisit });
        if (answer?.outcome === 'ok') await phoneStore.drop([entry.seq]).catch(() => undefined);
    }

    /** True when it may go on with the next lot. */
    async function words(): Promise<boolean> {
        const some = waiting.value.filter((e) => !e.photo);
        if (!some.length) return false;
        const sent = await sendWords(visitId, some);
        if (!(await passes(sent.status))) return sent.status === 419 && !signedOut.value;
        if (sent.status !== 200) {
            // A lot the office cannot read at all stays here, and is said; nothing is thrown away.
            refusedAll.value =
                sent.status === 403
                    ? 'This visit is no longer yours. What you typed is still on this phone: tell the office.'
                    : 'The office could not read what was sent. It stays on this phone; tell the office.';
            return false;
        }
        refusedAll.value = null;
        skewS.value = Math.abs(sent.skewS) >= CLOCK_OFF_S ? sent.skewS : 0;
        const byId = new Map(some.map((e) => [e.uuid, e]));
        const answered = sent.answers.filter((a) => a.outcome !== 'wait' && byId.has(a.uuid));
        for (const a of answered) await hear(byId.get(a.uuid) as Entry, a);
        settled({ state: sent.state ?? '', offs: sent.offs });
        return answered.length > 0;
    }

    /** Each photo once a round: one that does not go is tried again later, and those behind it go now. */
    async function photos() {
        for (const entry of waiting.value.filter((e) => e.photo)) {
            const { status, answer } = await sendPhoto(entry);
            if (answer) {
                await hear(entry, answer);
                if (answer.outcome === 'ok') settled(null);
            } else if (!(await passes(status)) && signedOut.value) return;
        }
    }

    /** One by one: what rests on another waits until that one is answered. */
    async function inTurn() {
        for (const entry of waiting.value) {
            const { status, answer } = await sendInTurn(entry);
            if (!answer) {
                await passes(status);
                return;
            }
            await hear(entry, answer);
            settled(null);
        }
    }

    let renewed = false;
    async function passes(status: number): Promise<boolean> {
        // A stale mark of the session: asking for the page brings a new one, or says that the session is over.
        const page =
            status === 419 && !renewed
                ? (
                      await fetch(pageOf(visitId), {
                          method: 'HEAD',
                          headers: { Accept: 'application/json' },
                      })
                  ).status
                : status;
        renewed = status === 419;
        signedOut.value = page === 401 || page === 419;
        return status !== 419 && !signedOut.value && status < 500 && status !== 429;
    }

    async function flush() {
        if (sending.value || waiting.value.length === 0) return;
        sending.value = true;
        window.clearTimeout(timer);
        try {
            if (goesInTurn(visitId)) await inTurn();
            else {
                while (await words());
                await photos();
            }
            signal.value = true;
        } catch {
            signal.value = false;
        } finally {
            sending.value = false;
            if (waiting.value.length > 0 && !signedOut.value) timer = window.setTimeout(flush, AGAIN_MS);
        }
    }

    const back = () => {
        signal.value = true;
        void flush();
    };
    const gone = () => (signal.value = false);
    const leave = (event: BeforeUnloadEvent) => {
        if (unsafe.value.length) event.preventDefault();
    };
    onMounted(async () => {
        window.addEventListener('online', back);
        window.addEventListener('offline', gone);
        window.addEventListener('beforeunload', leave);
        visitOnScreen.value = visitId;
        signal.value = navigator.onLine;
        await load();
        void flush();
    });
    onUnmounted(() => {
        window.removeEventListener('online', back);
        window.removeEventListener('offline', gone);
        window.removeEventListener('beforeunload', leave);
        visitOnScreen.value = null;
        window.clearTimeout(timer);
    });

    return {
        waiting,
        unsafe,
        doubted,
        homeless,
        taken,
        heard,
        signal,
        signedOut,
        refusedAll,
        sending,
        looked,
        keeping,
        blocked,
        skewS,
        keep,
        keepAgain,
        answerDoubt,
        rehome,
        drop,
        flush,
        /** What this phone knows beyond the page as it was read. */
        beyond: computed(() => [...taken.value, ...waiting.value]),
        /** The page was read anew: what had been taken by then is in it. */
        readAnew: (before: Entry[]) => (taken.value = taken.value.filter((e) => !before.includes(e))),
        forget: (uuid: string) => (heard.value = heard.value.filter((h) => h.uuid !== uuid)),
    };
}
