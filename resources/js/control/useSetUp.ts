import { router } from '@inertiajs/vue3';
import { onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue';
import { corrected, type Change, type SetUpDoc } from './setUp';

const AFTER_MS = 350;
const STEPS = 60;

interface Kept {
    written: SetUpDoc;
    controller: { id: number; revision: number };
    conflict: boolean;
}

/** Keeps a set-up while it is written: sent a moment after the last change, one at a time; steps back are kept here. */
export function useSetUp(props: Kept) {
    const doc: Ref<SetUpDoc> = ref(JSON.parse(JSON.stringify(props.written)) as SetUpDoc);
    const past = ref<string[]>([]);
    const standing = ref<'kept' | 'typing' | 'sending' | 'failed' | 'conflict'>('kept');
    let timer = 0;
    let last = JSON.stringify(doc.value);

    function change(next: SetUpDoc) {
        past.value = [...past.value.slice(1 - STEPS), last];
        take(next);
    }
    function take(next: SetUpDoc) {
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
            `/control/${props.controller.id}`,
            { ...doc.value, revision: props.controller.revision } as never,
            {
                preserveState: true,
                preserveScroll: true,
                showProgress: false,
                onSuccess: () => {
                    standing.value = props.conflict ? 'conflict' : 'kept';
                    if (!props.conflict && sent !== last) take(doc.value);
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
        if (step !== undefined) take(JSON.parse(step) as SetUpDoc);
    }
    const correct = (changes: Change[]) => change(corrected(doc.value, changes));
    /** Somebody else has written: theirs is read, ours is gone from the page only when asked. */
    function takeTheirs() {
        doc.value = JSON.parse(JSON.stringify(props.written)) as SetUpDoc;
        last = JSON.stringify(doc.value);
        past.value = [];
        standing.value = 'kept';
    }
    watch(
        () => props.written,
        (written) => {
            if (standing.value === 'kept' && JSON.stringify(written) !== last) takeTheirs();
        },
    );
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

    return { doc, past, standing, change, correct, undo, send, takeTheirs };
}
