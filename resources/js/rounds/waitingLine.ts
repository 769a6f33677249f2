import { computed, onMounted, onUnmounted, ref, shallowRef, type Ref } from 'vue';
import { goesInTurn, pageOf, phoneStore, type Entry } from './phoneStore';
import { sendInTurn, sendPhoto, sendWords } from './sendLot';

/** The visit whose own page sends for it; every other one is sent for from whatever page is open. */
export const visitOnScreen = ref<number | null>(null);

const LOOK_MS = 8_000;

/** What waits on this phone, of all visits: it goes from any page. */
export function useWaitingLine(userId: Ref<number | null>, signedOut: () => void = () => undefined) {
    const all = shallowRef<Entry[]>([]);
    const busy = ref(false);
    let timer = 0;
    let isGone = false;
    const mine = computed(() =>
        all.value.filter((e) => e.userId === userId.value && e.visitId !== visitOnScreen.value),
    );
    const others = computed(() => all.value.filter((e) => e.userId !== userId.value).length);
    const toSend = computed(() => mine.value.filter((e) => !e.asked && !e.moved && !e.refused));
    const toAnswer = computed(() => mine.value.filter((e) => e.asked || e.moved || e.refused));

    async function look() {
        all.value = await phoneStore.all().catch(() => []);
        if (!busy.value && userId.value !== null && toSend.value.length && navigator.onLine) await go();
        window.clearTimeout(timer);
        // A page that was left meanwhile looks no more.
        if (!isGone) timer = window.setTimeout(look, LOOK_MS);
    }

    /** The office knows nobody here: by a stale mark of the session, which asking for a page renews, or truly. */
    async function passes(status: number, visitId: number): Promise<boolean> {
        if (status !== 401 && status !== 419) return true;
        const page =
            status === 419
                ? await fetch(pageOf(visitId), { method: 'HEAD', headers: { Accept: 'application/json' } })
                : { status };
        if (page.status === 401 || page.status === 419) signedOut();
        return false;
    }

    async function go() {
        busy.value = true;
        try {
            for (const visitId of new Set(toSend.value.map((e) => e.visitId))) await visit(visitId);
        } catch {
            // No signal: they wait.
        } finally {
            busy.value = false;
            all.value = await phoneStore.all().catch(() => []);
        }
    }

    async function visit(visitId: number) {
        const entries = toSend.value.filter((e) => e.visitId === visitId);
        if (goesInTurn(visitId)) return await inTurn(entries);
        const words = entries.filter((e) => !e.photo);
        if (words.length) {
            const sent = await sendWords(visitId, words);
            if (!(await passes(sent.status, visitId))) return;
            for (const answer of sent.answers) {
                const entry = words.find((e) => e.uuid === answer.uuid);
                if (!entry || answer.outcome === 'wait') continue;
                if (answer.outcome === 'asked' && entry.kind === 'reading')
                    await phoneStore.put({ ...entry, asked: answer.words ?? 'Is that right?' });
                else if (answer.outcome === 'refused')
                    await phoneStore.put({ ...entry, refused: answer.words ?? 'It was refused.' });
                else await phoneStore.drop([entry.seq]);
            }
        }
        for (const entry of entries.filter((e) => e.photo)) {
            const { status, answer } = await sendPhoto(entry);
            if (!(await passes(status, visitId))) return;
            if (answer?.outcome === 'ok') await phoneStore.drop([entry.seq]);
            if (answer?.outcome === 'refused')
                await phoneStore.put({ ...entry, refused: answer.words ?? 'It was refused.' });
            if (answer?.outcome === 'moved')
                await phoneStore.put({ ...entry, moved: { words: answer.words ?? '', others: answer.others ?? [] } });
        }
    }

    /** What rests on another waits until that one is answered. */
    async function inTurn(entries: Entry[]) {
        for (const entry of entries) {
            const { status, answer } = await sendInTurn(entry);
            if (!(await passes(status, entry.visitId)) || !answer) return;
            if (answer.outcome === 'ok') await phoneStore.drop([entry.seq]);
            else await phoneStore.put({ ...entry, refused: answer.words ?? 'It was refused.' });
        }
    }

    onMounted(() => {
        window.addEventListener('online', look);
        void look();
    });
    onUnmounted(() => {
        isGone = true;
        window.removeEventListener('online', look);
        window.clearTimeout(timer);
    });

    return { toSend, toAnswer, others, look };
}
