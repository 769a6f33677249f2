/**
 * What was typed at visits, kept on this phone until the office has answered for it. One store for every visit and
 * every person who
 * used this phone; each entry under its own number, so that a lost answer, a second sending or a new sign-in change
 * nothing.
 */
export interface Entry {
    seq: number;
    /**
     * Of the visit it was typed at; of a move, minus its number; of an incident, minus its number and a thousand
     * million; of a work, and two thousand: phones with an older store go on as they are.
     */
    visitId: number;
    userId: number;
    uuid: string;
    kind: string;
    at: string;
    payload: Record<string, unknown>;
    photo?: Blob;
    /** The office doubts it: it waits for a word from whoever typed it. */
    asked?: string;
    /** The office refused it while another page was open: said when its visit is opened. */
    refused?: string;
    /** A photo the office would not take for this visit, and where else it may go. */
    moved?: { words: string; others: { id: number; label: string }[] };
}

export type NewEntry = Omit<Entry, 'seq'>;

const INCIDENTS = 1_000_000_000;
const WORKS = 2_000_000_000;

/** The number under which an incident stands in the store. */
export const ofIncident = (id: number): number => -INCIDENTS - id;

/** The number under which a work stands in the store. */
export const ofWork = (id: number): number => -WORKS - id;

/** Each of its steps may rest on the one before, words and photos alike: they go one by one, as they were said. */
export const goesInTurn = (visitId: number): boolean => visitId < -WORKS;

/** Where what was typed there goes. */
export function placeOf(visitId: number): string {
    if (goesInTurn(visitId)) return `/works/${-visitId - WORKS}`;
    if (visitId < -INCIDENTS) return `/incidents/${-visitId - INCIDENTS}`;
    return visitId < 0 ? `/moves/${-visitId}` : `/visits/${visitId}`;
}

/** The page it was typed on. */
export function pageOf(visitId: number): string {
    return visitId < 0 && visitId >= -INCIDENTS ? `${placeOf(visitId)}/go` : placeOf(visitId);
}

const NAME = 'velbrin-outbox';
const STORE = 'entries';

function done<T>(request: IDBRequest<T>): Promise<T> {
    return new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('the store failed'));
    });
}

let opened: Promise<IDBDatabase> | null = null;

function open(): Promise<IDBDatabase> {
    opened ??= new Promise<IDBDatabase>((resolve, reject) => {
        const request = window.indexedDB.open(NAME, 1);
        request.onupgradeneeded = () =>
            request.result
                .createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true })
                .createIndex('visit', ['userId', 'visitId']);
        request.onsuccess = () => {
            // A store the browser has shut is opened anew, instead of seeming empty.
            request.result.onclose = () => (opened = null);
            resolve(request.result);
        };
        request.onerror = () => reject(request.error ?? new Error('no store'));
        request.onblocked = () => reject(new Error('the store is held by another page'));
    });
    // A store that could not be opened is asked for again next time.
    opened.catch(() => (opened = null));
    return opened;
}

/**
 * Resolves when the phone has really written it: a request that succeeded may still be rolled back when the storage
 * is full.
 */
async function write<T>(work: (store: IDBObjectStore) => IDBRequest<T>): Promise<T> {
    const transaction = (await open()).transaction(STORE, 'readwrite');
    const written = new Promise<void>((resolve, reject) => {
        transaction.oncomplete = () => resolve();
        transaction.onabort = () => reject(transaction.error ?? new Error('not written'));
        transaction.onerror = () => reject(transaction.error ?? new Error('not written'));
    });
    const [result] = await Promise.all([done(work(transaction.objectStore(STORE))), written]);
    return result;
}

export const phoneStore = {
    async all(): Promise<Entry[]> {
        return (await done((await open()).transaction(STORE).objectStore(STORE).getAll())) as Entry[];
    },
    async ofVisit(userId: number, visitId: number): Promise<Entry[]> {
        const store = (await open()).transaction(STORE).objectStore(STORE);
        return (await done(store.index('visit').getAll([userId, visitId]))) as Entry[];
    },
    async add(entry: NewEntry): Promise<number> {
        return (await write((store) => store.add(entry))) as number;
    },
    async put(entry: Entry): Promise<void> {
        await write((store) => store.put(entry));
    },
    async drop(seqs: number[]): Promise<void> {
        for (const seq of seqs) await write((store) => store.delete(seq));
    },
};
