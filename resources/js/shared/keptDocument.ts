import { router } from '@inertiajs/vue3';
import { onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue';

const AFTER_MS = 350;
const STEPS = 60;

export type Standing = 'kept' | 'typing' | 'sending' | 'failed' | 'conflict';

interface Of<T> {
    url: () => string;
    written: () => T;
    revision: () => number;
    conflict: () => boolean;
}

const copied = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * Keeps a document while it is written: sent a moment after the last change, one at a time; whoever writes upon the
 * revision he read wins. Steps back are kept here.
 */
export function useKeptDocument<T extends object>(of: Of<T>) {
    const doc = ref(copied(of.written())) as Ref<T>;
    const past = ref<string[]>([]);
    const standing = ref<Standing>('kept');
    let timer = 0;
    let last = JSON.stringify(doc.value);

    function change(next: T) {
        past.value = [...past.value.slice(1 - STEPS), last];
        take(next);
    }
    function take(next: T) {
        doc.value = next;
        last = JSON.stringify(next);
        standing.value = 'typing';
        window.clearTimeout(timer);
        timer = window.setTimeout(send, AFTER_MS);
    }
    function send() {
        if (standing.value === 'sending') {
            timer = window.setTimeout(send, AFTER_MS);
            return;
        }
        const sent = last;
        standing.value = 'sending';
        router.put(
            of.url(),
            { ...doc.value, revision: of.revision() } as never,
            {
                preserveState: true,
                preserveScroll: true,
                showProgress: false,
                onSuccess: () => {
                    standing.value = of.conflict() ? 'conflict' : 'kept';
                    if (!of.conflict() && sent !== last) take(doc.value);
                },
                onError: () => (standing.value = 'failed'),
                onNetworkError: () => {
                    standing.value = 'failed';
                },
            } as never,
        );
    }
    function undo() {
        const step = past.value.pop();
        if (step !== undefined) take(JSON.parse(step) as T);
    }
    /** Somebody else has written: theirs is read, ours is gone from the page only when asked. */
    function takeTheirs() {
        doc.value = copied(of.written());
        last = JSON.stringify(doc.value);
        past.value = [];
        standing.value = 'kept';
    }
    watch(of.written, (written) => {
        if (standing.value === 'kept' && JSON.stringify(written) !== last) takeTheirs();
    });
    function keys(event: KeyboardEvent) {
        const target = event.target as HTMLElement;
        if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || target.matches('input, textarea'))
            return;
        event.preventDefault();
        undo();
    }
    onMounted(() => window.addEventListener('keydown', keys));
    onBeforeUnmount(() => {
        window.removeEventListener('keydown', keys);
        window.clearTimeout(timer);
    });

    return { doc, past, standing, change, undo, send, takeTheirs };
}
