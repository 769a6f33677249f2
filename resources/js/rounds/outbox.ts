import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue';
import type { OffView } from '../generated';
import { newId, send } from '../shared/send';

/**
 * What was typed at a visit, kept on the phone until the server has answered for it: in order, each under its own number, so that
 * a lost answer, a second sending or a new session change nothing.
 */
export interface Entry {
    seq: number;
    visitId: number;
    userId: number;
    uuid: string;
    kind: string;
    at: string;
    payload: Record<string, unknown>;
    photo?: Blob;
}

export interface Answer {
    uuid: string;
    outcome: 'ok' | 'asked' | 'refused' | 'wait';
    words: string | null;
}

export interface Heard extends Answer {
    entry: Entry;
}

const NAME = 'velbrin-outbox';
const STORE = 'entries';
const AT_ONCE = 20;
const AGAIN_MS = 6_000;

function open(): Promise<IDBDatabase> {
    return new Promise((resolve, reject) => {
        const request = window.indexedDB.open(NAME, 1);
        request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true }).createIndex('visit', ['userId', 'visitId']);
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('no store'));
    });
}

function done<T>(request: IDBRequest<T>): Promise<T> {
    return new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('store failed'));
    });
}

export function useOutbox(visitId: number, userId: number, settled: (fresh: { state: string; offs: OffView[] }) => void) {
    /** Kept here, not yet answered, in order. */
    const waiting = shallowRef<Entry[]>([]);
    /** Answered with yes since the page was read. */
    const taken = shallowRef<Entry[]>([]);
    /** Everything the server had words for, newest first. */
    const heard = shallowRef<Heard[]>([]);
    const signal = ref(true);
    const signedOut = ref(false);
    const refusedAll = ref<string | null>(null);
    const sending = ref(false);
    /** What this phone keeps has been looked at: before that nobody may say that everything went. */
    const looked = ref(false);
    let db: IDBDatabase | null = null;
    let timer = 0;

    async function load() {
        db ??= await open();
        waiting.value = await done(db.transaction(STORE).objectStore(STORE).index('visit').getAll([userId, visitId])) as Entry[];
    }

    async function keep(kind: string, payload: Record<string, unknown>, photo?: Blob): Promise<string> {
        const entry = { visitId, userId, uuid: newId(), kind, at: new Date().toISOString(), payload: JSON.parse(JSON.stringify(payload)) as Record<string, unknown>, ...(photo ? { photo } : {}) };
        db ??= await open();
        const seq = await done(db.transaction(STORE, 'readwrite').objectStore(STORE).add(entry)) as number;
        waiting.value = [...waiting.value, { ...entry, seq }];
        void flush();
        return entry.uuid;
    }

    async function drop(entries: Entry[]) {
        if (!db || entries.length === 0) return;
        const store = db.transaction(STORE, 'readwrite').objectStore(STORE);
        await Promise.all(entries.map((e) => done(store.delete(e.seq))));
        const gone = new Set(entries.map((e) => e.seq));
        waiting.value = waiting.value.filter((e) => !gone.has(e.seq));
    }

    function hear(entry: Entry, answer: Answer) {
        if (answer.outcome === 'ok') taken.value = [...taken.value, entry];
        if (answer.words) heard.value = [{ ...answer, entry }, ...heard.value].slice(0, 40);
    }

    /** True when it may go on with the next lot. */
    async function lot(): Promise<boolean> {
        const first = waiting.value[0];
        if (!first) return false;
        if (first.photo) {
            const form = new FormData();
            form.append('uuid', first.uuid);
            form.append('caption', String(first.payload.caption ?? ''));
            form.append('file', first.photo, 'photo.jpg');
            const { status, body } = await send<{ message?: string; errors?: Record<string, string[]> }>(`/visits/${visitId}/photos`, form);
            if (!(await passes(status))) return false;
            await drop([first]);
            hear(first, status === 200 ? { uuid: first.uuid, outcome: 'ok', words: null } : { uuid: first.uuid, outcome: 'refused', words: Object.values(body?.errors ?? {})[0]?.[0] ?? 'The photo was not taken. Take it again.' });
            return true;
        }
        const photoAt = waiting.value.findIndex((e) => e.photo);
        const some = waiting.value.slice(0, photoAt < 0 ? AT_ONCE : Math.min(photoAt, AT_ONCE));
        const { status, body } = await send<{ answers: Answer[]; state: string; offs: OffView[] }>(`/visits/${visitId}/entries`, { entries: some.map(({ uuid, kind, at, payload }) => ({ uuid, kind, at, payload })) });
        if (!(await passes(status))) return status === 419 && !signedOut.value;
        if (status !== 200 || !body) {
            // A lot the server cannot read at all stays here, and is said; nothing is thrown away.
            refusedAll.value = status === 403 ? 'This visit is no longer yours. What you typed is still on this phone: tell the office.' : 'The office could not read what was sent. It stays on this phone; tell the office.';
            return false;
        }
        refusedAll.value = null;
        const byId = new Map(some.map((e) => [e.uuid, e]));
        const answered = body.answers.filter((a) => a.outcome !== 'wait' && byId.has(a.uuid));
        await drop(answered.map((a) => byId.get(a.uuid) as Entry));
        for (const a of answered) hear(byId.get(a.uuid) as Entry, a);
        settled({ state: body.state, offs: body.offs });
        return answered.length > 0;
    }

    let renewed = false;
    async function passes(status: number): Promise<boolean> {
        // A stale mark of the session: asking for the page brings a new one, or says that the session is over.
        const page = status === 419 && !renewed ? (await fetch(`/visits/${visitId}`, { method: 'HEAD', headers: { Accept: 'application/json' } })).status : status;
        renewed = status === 419;
        signedOut.value = page === 401 || page === 419;
        return status !== 419 && !signedOut.value && status < 500 && status !== 429;
    }

    async function flush() {
        if (sending.value || waiting.value.length === 0) return;
        sending.value = true;
        window.clearTimeout(timer);
        try {
            while (await lot());
            signal.value = true;
        } catch {
            signal.value = false;
        } finally {
            sending.value = false;
            if (waiting.value.length > 0 && !signedOut.value) timer = window.setTimeout(flush, AGAIN_MS);
        }
    }

    const back = () => { signal.value = true; void flush(); };
    const gone = () => (signal.value = false);
    onMounted(async () => {
        window.addEventListener('online', back);
        window.addEventListener('offline', gone);
        signal.value = navigator.onLine;
        await load();
        looked.value = true;
        void flush();
    });
    onUnmounted(() => {
        window.removeEventListener('online', back);
        window.removeEventListener('offline', gone);
        window.clearTimeout(timer);
    });

    return {
        waiting, taken, heard, signal, signedOut, refusedAll, sending, looked, keep, flush,
        /** What this phone knows beyond the page as it was read. */
        beyond: computed(() => [...taken.value, ...waiting.value]),
        /** The page was read anew: what had been taken by then is in it. */
        readAnew: (before: Entry[]) => (taken.value = taken.value.filter((e) => !before.includes(e))),
        forget: (uuid: string) => (heard.value = heard.value.filter((h) => h.uuid !== uuid)),
    };
}
